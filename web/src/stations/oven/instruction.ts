import type { LiveBake } from '../../api/types';
import { stepWords } from '../../words/food';
import { verdictWords } from '../../words/names';
import { sayTyped } from '../../words/temperatures';
import { MINUTE_MS, sayClock, sayFromNow } from '../../words/times';

/** Steps that are told ahead. */
const MOST_AFTER = 3;

export interface Instruction {
  /** Two to four words, readable across the kitchen. */
  act: string;
  /** When, and how long until then. */
  when: string;
  due: boolean;
  /** What comes after, at most two steps. */
  then: string[];
}

/** The one thing to do now, from what the server recorded: the last verdict, the place, and the next check. */
export function instructionFor(bake: LiveBake, nowMs: number): Instruction {
  const last = bake.record.checks[bake.record.checks.length - 1];
  const inOven = bake.place === 'oven';
  const next = bake.nextCheckAt;
  const due = next !== null && Date.parse(next) <= nowMs;
  const when =
    next === null ? '' : due ? `since ${sayClock(next)}` : `at ${sayClock(next)}, ${sayFromNow(next, nowMs)}`;
  const act = (words: string, at: string, isDue: boolean, then: string[] = []) => ({
    act: words,
    when: at,
    due: isDue,
    then,
  });

  switch (last?.verdict) {
    case undefined:
      if (!inOven) return act('Check it', 'before anyone eats', true);
      return due
        ? act('Check it now', when, due, afterwards(bake, nowMs))
        : act('Leave it in', `First check ${when}`, due, afterwards(bake, nowMs));
    case 'serve':
      return act(verdictWords.serve, inOven ? 'Take it out of the oven' : 'It was measured and is enough', true);
    case 'restThenCheck':
      if (inOven) return act('Take it out to rest', `Check again ${when}`, true);
      return due ? act('Check again now', when, due) : act('Let it rest', `Check again ${when}`, due);
    case 'backIn':
      if (!inOven) return act('Put it back in', `Check again ${when}`, true);
      return due
        ? act('Check again now', when, due)
        : act('Leave it in', `Check again ${when}`, due, afterwards(bake, nowMs));
    case 'cannotTell':
      return act('Measure again', 'The last readings could not tell', true);
  }
}

function afterwards(bake: LiveBake, nowMs: number): string[] {
  const rest = bake.record.plan.restMinutes;
  const out = bake.targetAt && Date.parse(bake.targetAt) > nowMs ? [`out about ${sayClock(bake.targetAt)}`] : [];
  const after = rest > 0 ? [...out, `rest ${rest} min, then eat`] : out;
  return [...planned(bake, nowMs), ...after].slice(0, MOST_AFTER);
}

/** The tending and additions of the plan that are still to come, soonest first. */
function planned({ record }: LiveBake, nowMs: number): string[] {
  const { plan, startedAt } = record;
  const start = Date.parse(startedAt);
  const lots = [...plan.chicken, ...plan.vegetables].filter((lot) => lot.addAtMinutes > 0);
  const acts = [
    ...plan.steps.map((step) => ({
      minute: step.atMinutes,
      what: step.setting ? `${stepWords[step.kind]} ${sayTyped(step.setting)}` : stepWords[step.kind],
    })),
    ...[...new Set(lots.map((lot) => lot.addAtMinutes))].map((minute) => ({ minute, what: 'add what waits' })),
  ];
  return acts
    .map((act) => ({ at: start + act.minute * MINUTE_MS, what: act.what }))
    .filter((act) => act.at > nowMs)
    .sort((a, b) => a.at - b.at)
    .map((act) => `${act.what} at ${sayClock(act.at)}`);
}
