import type { WholeBake } from '../../kitchen/bakes';
import { sayTyped } from '../../words/temperatures';
import { sayClock, sayFromNow } from '../../words/times';
import { actsAhead, dueAct, lateWords, type NextAct } from './nextActs';

export interface Instruction {
  /** Two to four words, readable across the kitchen. */
  act: string;
  /** When, and how long until then. */
  when: string;
  due: boolean;
  /** Of what hands can say that it is done, later or skipped: mostly what stands on top, else what waits behind a look that is due. */
  hands: NextAct | null;
  /** What comes after. */
  ahead: NextAct[];
}

type Judged = Pick<Instruction, 'act' | 'when' | 'due'>;

/** The one thing to do now: what hands have to do where its time has come, or what the judge asks for. */
export function instructionFor(bake: WholeBake, nowMs: number): Instruction {
  const judged = byJudge(bake, nowMs);
  // A tray that is out, or has to come out, does not wait for a brush.
  const isJudgesTurn =
    bake.place !== 'oven' || bake.verdict?.kind === 'serve' || bake.verdict?.kind === 'restThenCheck';
  const hands = isJudgesTurn ? null : dueAct(bake, nowMs);
  const check = bake.verdict?.nextCheckAt;
  const checkFirst = judged.due && hands && check && Date.parse(check) < Date.parse(hands.dueAt);
  if (hands && !checkFirst)
    return {
      act: hands.title,
      when: lateWords(hands, nowMs),
      due: true,
      hands,
      ahead: actsAhead(bake, nowMs, hands, false),
    };
  // A first look that was not taken hides nothing that hands have to do meanwhile.
  return { ...judged, hands, ahead: actsAhead(bake, nowMs, hands, judged.due) };
}

/** From the verdict over the whole tray, where the tray is, and the next check. */
function byJudge(bake: WholeBake, nowMs: number): Judged {
  const inOven = bake.place === 'oven';
  const { verdict } = bake;
  const next = verdict?.nextCheckAt ?? null;
  const due = next !== null && Date.parse(next) <= nowMs;
  const when =
    next === null ? '' : due ? `since ${sayClock(next)}` : `at ${sayClock(next)}, ${sayFromNow(next, nowMs)}`;
  const [piece] = verdict?.measureNext ?? [];
  const measure = (isDue: boolean): Judged => ({
    act: 'Measure it now',
    when: piece ? `${piece.name}: ${piece.why}` : 'before anyone eats',
    due: isDue,
  });

  switch (verdict?.kind) {
    case 'serve': {
      const more = moreForGoal(bake);
      if (inOven && more) return { act: 'Safe', when: more, due: true };
      return {
        act: 'Serve',
        when: inOven ? 'Take it out of the oven' : 'It was measured and is enough',
        due: true,
      };
    }
    case 'restThenCheck':
      if (inOven) return { act: 'Take it out to rest', when: `Measure again ${when}`, due: true };
      return due ? measure(true) : { act: 'Let it rest', when: `Measure again ${when}`, due };
    case 'backIn':
      if (!inOven) return { act: 'Put it back in', when: `Measure again ${when}`, due: true };
      return due ? measure(true) : { act: 'Leave it in', when: `Measure again ${when}`, due };
    case 'cannotTell':
      return {
        act: 'Measure again',
        when: piece ? piece.name : 'The last reading could not tell',
        due: true,
      };
    default:
      if (!inOven || due || next === null) return measure(true);
      return { act: 'Leave it in', when: `First look ${when}`, due };
  }
}

/** Safe already; where the cook wants more, how much more. */
function moreForGoal(bake: WholeBake): string | null {
  const [slowest] = bake.lots
    .flatMap((lot) => (lot.verdict?.minutesToGoal ? [{ lot, minutes: lot.verdict.minutesToGoal }] : []))
    .sort((a, b) => b.minutes - a.minutes);
  const goal = bake.plan.chicken.find((lot) => lot.id === slowest?.lot.lot)?.goal.core;
  return slowest && goal ? `${Math.ceil(slowest.minutes)} min more for your ${sayTyped(goal)}` : null;
}
