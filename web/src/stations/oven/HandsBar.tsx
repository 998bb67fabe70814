import { useEffect, useRef, useState } from 'react';
import { type Told, told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Refusal } from '../../ui/Refusal';
import { MINUTE_MS, sayClock } from '../../words/times';
import type { NextAct } from './nextActs';
import { goalsOf, sayMoved } from './whatItDid';

const LATER_MINUTES = [1, 3, 5];

/** What was done can be taken back for this long, ms. */
const UNDO_MS = 120_000;

/** What was done about now was done when it was due, ms: food is slow, a grill is not. */
const ABOUT_NOW_MS: Partial<Record<NextAct['kind'], number>> = { add: 4 * MINUTE_MS, grillOff: MINUTE_MS };

/** Of the act whose time has come: done, some minutes later, or not at all. */
export function HandsBar(props: { bake: WholeBake; act: NextAct; isOnTop: boolean; now: number }) {
  const { bake, act, isOnTop } = props;
  // It may be long done: then it is asked when, since what is forecast hangs on that.
  const wasDue = props.now - Date.parse(act.dueAt) > (ABOUT_NOW_MS[act.kind] ?? Number.POSITIVE_INFINITY);
  const became = act.kind === 'grillOff' ? 'Off' : 'In';
  const tell = useTell(bake.id);
  const done = useRef<HTMLButtonElement>(null);
  // Told, the next act takes this one's place and its button the focus.
  const key = `${act.kind}.${act.act ?? act.lot}`;
  const had = useRef(key);
  useEffect(() => {
    if (had.current !== key) done.current?.focus();
    had.current = key;
  }, [key]);
  const say = (event: Told) => tell.mutate([event]);
  return (
    <div className="grid gap-2">
      {!isOnTop && (
        <p className="figures text-[length:min(2rem,7vw)] leading-[1.12]">
          {sayClock(act.dueAt)} {act.title}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-3">
        <Button
          ref={done}
          data-next
          big
          look="heat"
          className="w-full sm:w-40"
          busy={tell.isPending}
          onClick={() => say(doneEvent(act))}
        >
          {wasDue ? `${became} now` : 'Done'}
        </Button>
        {wasDue && (
          <Button big busy={tell.isPending} onClick={() => say({ ...doneEvent(act), at: act.dueAt })}>
            {became} since {sayClock(act.dueAt)}
          </Button>
        )}
        {act.kind !== 'takeFoodOut' && act.kind !== 'grillOff' && (
          <>
            {(wasDue ? LATER_MINUTES.slice(-1) : LATER_MINUTES).map((minutes) => (
              <Button
                key={minutes}
                big
                aria-label={`${minutes} min later`}
                busy={tell.isPending}
                onClick={() => say(told({ kind: 'later', ...whichOf(act), minutes }))}
              >
                +{minutes}
                {minutes === LATER_MINUTES.at(-1) && ' min'}
              </Button>
            ))}
            <Button
              big
              busy={tell.isPending}
              onClick={() =>
                say(
                  act.kind === 'add'
                    ? told({ kind: 'lotNeverIn', ...whichOf(act) })
                    : told({ kind: 'actSkipped', ...whichOf(act) }),
                )
              }
            >
              {act.kind === 'add' ? (wasDue ? 'Never went in' : 'Leave it out') : 'Skip it'}
            </Button>
          </>
        )}
      </div>
      <Refusal error={tell.error} />
    </div>
  );
}

const whichOf = (act: NextAct) => (act.act === null ? { lot: act.lot ?? 0 } : { act: act.act });

function doneEvent(act: NextAct): Told {
  if (act.kind === 'add') return told({ kind: 'lotIn', ...whichOf(act) });
  if (act.kind === 'takeFoodOut') return told({ kind: 'lotOut', ...whichOf(act) });
  if (act.kind === 'grillOff') return told({ kind: 'ovenSet', setting: act.dial ?? null });
  return told({ kind: 'actDone', ...whichOf(act) });
}

/** What the last thing done has done to the others' times: "Thighs 2 min later." */
function useWhatItDid(bake: WholeBake): string {
  const seq = bake.lastDone?.seq ?? 0;
  const [known, setKnown] = useState({ seq, goals: goalsOf(bake), said: '' });
  useEffect(() => {
    // Times go on moving by themselves: what was done is what they are moved by when it is told.
    setKnown((before) => ({
      seq,
      goals: goalsOf(bake),
      said: before.seq === seq ? before.said : sayMoved(before.goals, bake),
    }));
  }, [bake, seq]);
  return known.seq === seq ? known.said : '';
}

/** What was told last, to be taken back. */
export function LastAct({ bake, now }: { bake: WholeBake; now: number }) {
  const tell = useTell(bake.id);
  const last = bake.lastDone;
  const moved = useWhatItDid(bake);
  if (!last || now - Date.parse(last.at) >= UNDO_MS) return null;
  return (
    <p className="figures flex flex-wrap items-center gap-x-4 text-ink-soft text-lg">
      {sayClock(last.at)} {last.text}
      {moved && ` ${moved}`}
      <Button busy={tell.isPending} onClick={() => tell.mutate([told({ kind: 'corrected', event: last.seq })])}>
        Take it back
      </Button>
    </p>
  );
}
