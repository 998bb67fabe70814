import type { WholeBake } from '../../kitchen/bakes';
import { sayTyped } from '../../words/temperatures';
import { MINUTE_MS, sayClock, sayFromNow } from '../../words/times';
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
  // What nobody said of food stands in the way of the verdict: that is asked first.
  const unsaid = isUnsaid(bake) ? bake.next.find((act) => act.kind === 'add') : undefined;
  if (unsaid)
    return {
      act: 'Did it go in?',
      when: bake.verdict?.reason ?? '',
      due: true,
      hands: unsaid,
      ahead: actsAhead(bake, nowMs, unsaid, false),
    };
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
      const stays = inOven ? staying(bake, nowMs) : null;
      if (stays) return stays;
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

/** Nobody said whether a food went in, and the tray is out. */
const isUnsaid = (bake: WholeBake) => bake.verdict?.kind === 'cannotTell' && bake.verdict.measureNext.length === 0;

/** All chicken may be served, and other food is not tender yet: who leaves, who stays, and for how long. */
function staying(bake: WholeBake, nowMs: number): Judged | null {
  const tray = bake.next.find((act) => act.kind === 'takeOut');
  if (!tray?.isExpected) return null;
  const inside = bake.lots.filter((lot) => lot.place === 'oven' && !lot.isOff);
  const firm = listed(inside.filter((lot) => !lot.isChicken).map((lot) => lot.name));
  const about = `about ${Math.max(1, Math.ceil((Date.parse(tray.dueAt) - nowMs) / MINUTE_MS))} min`;
  const chicken = inside.filter((lot) => lot.isChicken);
  if (chicken.length === 0) return { act: 'Leave it in', when: `${firm}: ${about} more`, due: false };
  const leaves = bake.next.some((act) => act.kind === 'takeFoodOut' && chicken.some((lot) => lot.lot === act.lot));
  return leaves
    ? {
        act: `${listed(chicken.map((lot) => lot.name))} out`,
        when: `They may be served. ${firm} stay, ${about}`,
        due: true,
      }
    : { act: 'Safe', when: `May be served now; it can wait for the ${firm}, ${about}`, due: true };
}

const listed = (names: string[]) => [names.slice(0, -1).join(', '), ...names.slice(-1)].filter(Boolean).join(' and ');

/** Safe already; where the cook wants more, how much more. */
function moreForGoal(bake: WholeBake): string | null {
  const [slowest] = bake.lots
    .flatMap((lot) => (lot.verdict?.minutesToGoal ? [{ lot, minutes: lot.verdict.minutesToGoal }] : []))
    .sort((a, b) => b.minutes - a.minutes);
  const goal = bake.plan.chicken.find((lot) => lot.id === slowest?.lot.lot)?.goal.core;
  return slowest && goal ? `${Math.ceil(slowest.minutes)} min more for your ${sayTyped(goal)}` : null;
}
