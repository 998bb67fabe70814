import { Link } from 'wouter';
import type { TrayAnswer } from '../../api/types';
import { useTray } from '../../kitchen/queries';
import { MINUTE_MS, sayClock, sayDay } from '../../words/times';

/** An oven with nothing in it: what comes next, in letters that are read from across the kitchen. */
export function NothingInOven({ words, now }: { words: string | null; now: number }) {
  const tray = useTray().data;
  const timing = tray?.answer?.timing;
  return (
    <div className="grid max-w-5xl gap-8 px-6 py-10 sm:py-16">
      <h1 className="font-semibold text-6xl leading-[0.95] tracking-tight">{words ?? 'Nothing in the oven'}</h1>
      {words === null &&
        (tray && timing ? (
          <Next
            name={tray.plan.name}
            timing={timing}
            now={now}
            isPlanned={tray.plan.eatAt != null && !tray.eatAtHasPassed}
          />
        ) : (
          <p className="text-xl">Plan a tray, then put it in.</p>
        ))}
      <Link
        to="/tray"
        className="inline-flex min-h-14 items-center justify-self-start rounded-md border-2 border-ink px-6 font-semibold text-xl"
      >
        Go to the tray
      </Link>
    </div>
  );
}

/** Tonight's times; once the tray is late for its dinner, or has none, those of going in now. */
function Next(props: { name: string; timing: TrayAnswer['timing']; now: number; isPlanned: boolean }) {
  const { timing, now } = props;
  const lateMs = Math.max(0, now - Date.parse(timing.inAt));
  const isSet = props.isPlanned && lateMs < MINUTE_MS;
  const isToday = sayDay(timing.inAt) === sayDay(now);
  const at = (moment: string) => Date.parse(moment) + (isSet ? 0 : lateMs);
  return (
    <section aria-label="What comes next" className="grid gap-3">
      <h2 className="text-2xl text-ink-soft leading-tight">
        {!isSet ? 'If it goes in now: ' : isToday ? 'Next: ' : `Next, ${sayDay(timing.inAt)}: `}
        <span className="text-ink">{props.name}</span>
      </h2>
      <dl className="grid gap-x-10 gap-y-4 sm:grid-cols-4">
        {isSet && <Time name="Oven on" at={at(timing.ovenOnAt)} />}
        {isSet && <Time name="In" at={at(timing.inAt)} />}
        <Time name="Out" at={at(timing.outAt)} />
        <Time name="Eat" at={at(timing.eatAt)} />
      </dl>
      <p className="max-w-prose text-ink-soft text-lg">A forecast. Only a measured temperature says serve.</p>
    </section>
  );
}

function Time({ name, at }: { name: string; at: number }) {
  return (
    <div className="flex items-baseline justify-between border-hairline border-t pt-2 sm:block">
      <dt className="text-ink-soft text-xl">{name}</dt>
      <dd className="figures font-display font-semibold text-4xl tracking-tight sm:text-5xl">{sayClock(at)}</dd>
    </div>
  );
}
