import { CalendarPlus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link } from 'wouter';
import { wish, wishes } from '../../alarm/wishes';
import { Problem } from '../../api/problem';
import type { EveningView } from '../../api/types';
import { kitchenNow } from '../../clock/kitchenClock';
import { useAway, useSaveEvening } from '../../kitchen/evening';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { FileButton } from '../../ui/FileButton';
import { Refusal } from '../../ui/Refusal';
import { TextBox } from '../../ui/TextBox';
import { MINUTE_MS, parseClock, sayClock } from '../../words/times';
import type { Dinner } from './useDinner';

const NUDGE_MIN = 15;
const PASSED_MS = 6 * 60 * MINUTE_MS;

/** When dinner is, how sure that is, and what would help. */
export function DinnerBar({ view, dinner }: { view: EveningView; dinner: Dinner }) {
  const save = useSaveEvening();
  const away = useAway();
  const entries = view.choice.away?.length ?? 0;
  const { starts } = wishes.use();
  const [text, setText] = useState(sayClock(dinner.eatAt));
  useEffect(() => setText(sayClock(dinner.eatAt)), [dinner.eatAt]);
  const leaveOut = (at: number | null | undefined) => {
    const side = view.choice.sides[at ?? -1];
    if (side) save.mutate({ leaveOut: side.kind });
  };
  const [unread, setUnread] = useState<string | undefined>();
  const say = () => {
    const time = parseClock(text);
    if (!time) {
      setUnread('Write a time of day, such as 18:30.');
      return;
    }
    setUnread(undefined);
    const day = new Date(dinner.eatAt);
    const on = (ahead: number) =>
      new Date(day.getFullYear(), day.getMonth(), day.getDate() + ahead, time.hours, time.minutes).getTime();
    // A quarter past midnight, said before it, is tomorrow's; what has only just passed was meant for today, and is refused.
    const at = on(0) < kitchenNow() - PASSED_MS ? on(1) : on(0);
    if (Math.abs(at - dinner.eatAt) >= MINUTE_MS) dinner.set(at);
  };
  const refused = dinner.error instanceof Problem ? dinner.error : null;
  const error = unread ?? refused?.at('eatAt');
  return (
    <section aria-label="Dinner" className="grid gap-3">
      {view.bakeId === null && (
        <Field label="Dinner at" error={error}>
          {(ids) => (
            <div className="flex flex-wrap gap-2">
              <div className="w-28">
                <TextBox
                  ids={ids}
                  value={text}
                  onText={setText}
                  onBlur={say}
                  onKeyDown={(event) => event.key === 'Enter' && say()}
                  inputMode="numeric"
                  className="figures text-center text-lg"
                />
              </div>
              <Button onClick={() => dinner.set(dinner.eatAt - NUDGE_MIN * MINUTE_MS)}>{NUDGE_MIN} min sooner</Button>
              <Button onClick={() => dinner.set(dinner.eatAt + NUDGE_MIN * MINUTE_MS)}>{NUDGE_MIN} min later</Button>
              {view.askedFor !== null && <Button onClick={() => dinner.set(null)}>As soon as it can be</Button>}
            </div>
          )}
        </Field>
      )}
      {view.chancePercent !== null && (
        <p className="figures leading-snug">
          On time in <b className="font-semibold text-xl">{outOfTen(view.chancePercent)}</b> evenings like this one.
        </p>
      )}
      {view.chancePercent !== null && view.chancePercent < 90 && view.sooner.length > 0 && (
        <div className="flex flex-wrap gap-2">
          {view.sooner.map((one) => (
            <Button key={one.minutes} onClick={() => dinner.rest(one.restMinutes)}>
              Tray in {one.minutes} min sooner: {outOfTen(one.chancePercent)}
            </Button>
          ))}
        </div>
      )}
      {view.lateMinutes > 0 && view.bakeId === null && (
        <div className="grid gap-2 border-2 border-heat p-3">
          <p className="font-semibold">To eat sooner</p>
          <ul className="grid gap-2">
            {view.gains.map((gain) => (
              <li key={gain.sentence} className="flex flex-wrap items-center justify-between gap-2">
                <span className="figures">
                  {gain.sentence}:{' '}
                  <b className="font-semibold">
                    {gain.minutes >= view.lateMinutes ? 'on time' : `${gain.minutes} min sooner`}
                  </b>
                </span>
                {gain.kind === 'leaveSideOut' && <Button onClick={() => leaveOut(gain.side)}>Leave it out</Button>}
                {gain.kind === 'secondCook' && <Button onClick={() => save.mutate({ cooks: 2 })}>Two cooks</Button>}
                {(gain.kind === 'hotterOven' || gain.kind === 'boneless' || gain.kind === 'smallerCuts') && (
                  <Link to="/tray" className="font-semibold underline underline-offset-4">
                    To the tray
                  </Link>
                )}
                {gain.kind === 'shorterMarinade' && (
                  <Link to="/prep" className="font-semibold underline underline-offset-4">
                    To the mixes
                  </Link>
                )}
              </li>
            ))}
          </ul>
          <Button
            className="justify-self-start"
            look="heat"
            onClick={() => view.eatAt && dinner.set(Date.parse(view.eatAt))}
          >
            Eat at {sayClock(view.eatAt ?? view.now)}
          </Button>
        </div>
      )}
      <Refusal error={save.error ?? (error ? null : dinner.error)} />
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <a
          href={`/api/evening/${view.trayId}/calendar.ics`}
          download="evening.ics"
          className="inline-flex min-h-11 items-center gap-2 font-semibold underline underline-offset-4"
        >
          <CalendarPlus aria-hidden className="size-5" /> Into my calendar
        </a>
        <FileButton
          label="A calendar to plan round"
          accept=".ics,text/calendar"
          onFile={async (file) => away.mutate(await file.text())}
        >
          Plan round my calendar
        </FileButton>
      </div>
      {entries > 0 && (
        <p className="flex flex-wrap items-center justify-between gap-2">
          {entries === 1 ? '1 entry of your calendar is' : `${entries} entries of your calendar are`} planned round.
          <Button disabled={away.isPending} onClick={() => away.mutate(null)}>
            Forget {entries === 1 ? 'it' : 'them'}
          </Button>
        </p>
      )}
      {away.isSuccess && away.variables !== null && entries === 0 && (
        <p role="status">Nothing in that calendar stands in the way this evening.</p>
      )}
      <Refusal error={away.error} />
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          checked={Boolean(starts)}
          onChange={(event) => wish({ starts: event.target.checked })}
          className="size-6 accent-ink"
        />
        Ring on this device when something is to be begun
      </label>
    </section>
  );
}

/** A share as a cook reckons: "8 of 10". Never all: nothing is certain. */
const outOfTen = (percent: number) =>
  `${Math.min(99, percent) >= 95 ? 'over 9' : Math.max(1, Math.round(percent / 10))} of 10`;
