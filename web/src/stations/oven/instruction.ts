import type { WholeBake } from '../../kitchen/bakes';
import { stepWords } from '../../words/food';
import { sayTyped } from '../../words/temperatures';
import { MINUTE_MS, sayClock, sayFromNow } from '../../words/times';

/** Steps that are told ahead. */
const MOST_AFTER = 2;

export interface Instruction {
  /** Two to four words, readable across the kitchen. */
  act: string;
  /** When, and how long until then. */
  when: string;
  due: boolean;
  /** What comes after, at most two steps. */
  after: string[];
}

/** The one thing to do now, from the verdict over the whole tray, where the tray is, and the next check. */
export function instructionFor(bake: WholeBake, nowMs: number): Instruction {
  const inOven = bake.place === 'oven';
  const { verdict } = bake;
  const next = verdict?.nextCheckAt ?? null;
  const due = next !== null && Date.parse(next) <= nowMs;
  const when =
    next === null ? '' : due ? `since ${sayClock(next)}` : `at ${sayClock(next)}, ${sayFromNow(next, nowMs)}`;
  const [piece] = verdict?.measureNext ?? [];
  const measure = (isDue: boolean, after: string[] = []): Instruction => ({
    act: 'Measure it now',
    when: piece ? `${piece.name}: ${piece.why}` : 'before anyone eats',
    due: isDue,
    after,
  });

  switch (verdict?.kind) {
    case 'serve': {
      const more = moreForGoal(bake);
      if (inOven && more) return { act: 'Safe', when: more, due: true, after: [] };
      return {
        act: 'Serve',
        when: inOven ? 'Take it out of the oven' : 'It was measured and is enough',
        due: true,
        after: [],
      };
    }
    case 'restThenCheck':
      if (inOven) return { act: 'Take it out to rest', when: `Measure again ${when}`, due: true, after: [] };
      return due ? measure(true) : { act: 'Let it rest', when: `Measure again ${when}`, due, after: [] };
    case 'backIn':
      if (!inOven) return { act: 'Put it back in', when: `Measure again ${when}`, due: true, after: [] };
      return due
        ? measure(true)
        : { act: 'Leave it in', when: `Measure again ${when}`, due, after: afterwards(bake, nowMs) };
    case 'cannotTell':
      return {
        act: 'Measure again',
        when: piece ? piece.name : 'The last reading could not tell',
        due: true,
        after: [],
      };
    default:
      if (!inOven || due || next === null) return measure(true, afterwards(bake, nowMs));
      return { act: 'Leave it in', when: `First look ${when}`, due, after: afterwards(bake, nowMs) };
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

function afterwards(bake: WholeBake, nowMs: number): string[] {
  const rest = bake.plan.restMinutes;
  const goals = bake.lots.flatMap((lot) => (lot.isChicken && lot.goalAt ? [Date.parse(lot.goalAt)] : []));
  const last = Math.max(0, ...goals);
  const out = last > nowMs ? [`out about ${sayClock(last)}`] : [];
  const after = rest > 0 ? [...out, `rest ${rest} min, then eat`] : out;
  return [...planned(bake, nowMs), ...after].slice(0, MOST_AFTER);
}

/** The tending and additions of the plan that are still to come, soonest first. */
function planned(bake: WholeBake, nowMs: number): string[] {
  const start = Date.parse(bake.startedAt);
  const acts = [
    ...bake.acts
      .filter((act) => act.doneAt === null && !act.isSkipped)
      .map(({ step }) => ({
        at: start + step.atMinutes * MINUTE_MS,
        what: step.setting ? `${stepWords[step.kind]} ${sayTyped(step.setting)}` : stepWords[step.kind],
      })),
    ...bake.lots
      .filter((lot) => lot.place === null)
      .map((lot) => ({ at: Date.parse(lot.inAt), what: `add the ${lot.name}` })),
  ];
  return acts
    .filter((act) => act.at > nowMs)
    .sort((a, b) => a.at - b.at)
    .map((act) => `${act.what} at ${sayClock(act.at)}`);
}
