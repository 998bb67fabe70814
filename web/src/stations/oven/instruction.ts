import type { LiveBake } from '../../api/types';
import { verdictWords } from '../../words/names';
import { sayClock, sayFromNow } from '../../words/times';

export interface Instruction {
  /** Two to four words, readable across the kitchen. */
  act: string;
  /** When, and how long until then. */
  when: string;
  due: boolean;
}

/** The one thing to do now, from what the server recorded: the last verdict, the place, and the next check. */
export function instructionFor(bake: LiveBake, nowMs: number): Instruction {
  const last = bake.record.checks[bake.record.checks.length - 1];
  const inOven = bake.place === 'oven';
  const next = bake.nextCheckAt;
  const due = next !== null && Date.parse(next) <= nowMs;
  const when =
    next === null ? '' : due ? `since ${sayClock(next)}` : `at ${sayClock(next)}, ${sayFromNow(next, nowMs)}`;

  switch (last?.verdict) {
    case undefined:
      if (!inOven) return { act: 'Check it', when: 'before anyone eats', due: true };
      return due ? { act: 'Check it now', when, due } : { act: 'Leave it in', when: `First check ${when}`, due };
    case 'serve':
      return {
        act: verdictWords.serve,
        when: inOven ? 'Take it out of the oven' : 'It was measured and is enough',
        due: true,
      };
    case 'restThenCheck':
      if (inOven) return { act: 'Take it out to rest', when: `Check again ${when}`, due: true };
      return due ? { act: 'Check again now', when, due } : { act: 'Let it rest', when: `Check again ${when}`, due };
    case 'backIn':
      if (!inOven) return { act: 'Put it back in', when: `Check again ${when}`, due: true };
      return due ? { act: 'Check again now', when, due } : { act: 'Leave it in', when: `Check again ${when}`, due };
    case 'cannotTell':
      return { act: 'Measure again', when: 'The last readings could not tell', due: true };
  }
}
