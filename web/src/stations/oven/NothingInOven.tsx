import { Link } from 'react-router';
import { useTray } from '../../kitchen/queries';
import { sayClock, sayDay } from '../../words/times';

/** An oven with nothing in it: what comes next, in letters that are read from across the kitchen. */
export function NothingInOven({ words }: { words: string | null }) {
  const tray = useTray().data;
  const timing = tray?.answer?.timing;
  const isToday = timing && sayDay(timing.inAt) === sayDay(tray.now);
  const isSet = tray?.plan.eatAt != null && !tray.eatAtHasPassed;
  return (
    <div className="grid max-w-5xl gap-8 px-6 py-10 sm:py-16">
      <h1 className="font-semibold text-6xl leading-[0.95] tracking-tight">{words ?? 'Nothing in the oven'}</h1>
      {tray && timing ? (
        <section aria-label="What comes next" className="grid gap-3">
          <h2 className="text-2xl text-ink-soft leading-tight">
            {!isSet ? 'If it goes in now: ' : isToday ? 'Next: ' : `Next, ${sayDay(timing.inAt)}: `}
            <span className="text-ink">{tray.plan.name}</span>
          </h2>
          <dl className="grid gap-x-10 gap-y-4 sm:grid-cols-4">
            {isSet && <Time name="Oven on" at={timing.ovenOnAt} />}
            {isSet && <Time name="In" at={timing.inAt} />}
            <Time name="Out" at={timing.outAt} />
            <Time name="Eat" at={timing.eatAt} />
          </dl>
          <p className="max-w-prose text-ink-soft text-lg">A forecast. Only a measured temperature says serve.</p>
        </section>
      ) : (
        <p className="text-xl">Plan a tray, then put it in.</p>
      )}
      <Link
        to="/tray"
        className="inline-flex min-h-14 items-center justify-self-start rounded-md border-2 border-ink px-6 font-semibold text-xl"
      >
        Go to the tray
      </Link>
    </div>
  );
}

function Time({ name, at }: { name: string; at: string }) {
  return (
    <div className="flex items-baseline justify-between border-hairline border-t pt-2 sm:block">
      <dt className="text-ink-soft text-xl">{name}</dt>
      <dd className="figures font-display font-semibold text-4xl tracking-tight sm:text-5xl">{sayClock(at)}</dd>
    </div>
  );
}
