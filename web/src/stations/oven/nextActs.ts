import type { WholeBake } from '../../kitchen/bakes';
import { MINUTE_MS, sayClock } from '../../words/times';

export type NextAct = WholeBake['next'][number];

/** What hands can say of themselves: done, later, skipped. The rest is said by readings and by moving the tray. */
const ofHands: readonly NextAct['kind'][] = ['add', 'tend', 'takeFoodOut', 'grillOff'];

/** Due a moment before its minute, so that the hand is there in time. */
const SOON_MS = 15_000;

/** Acts that are told ahead. */
const MOST_AHEAD = 3;

const dueAt = (act: NextAct) => Date.parse(act.dueAt);

/** The act of hands whose time has come, the longest overdue first; it stays until it is done, skipped or put off. */
export const dueAct = (bake: WholeBake, nowMs: number): NextAct | null =>
  bake.next.find((act) => ofHands.includes(act.kind) && !act.isExpected && dueAt(act) <= nowMs + SOON_MS) ?? null;

/** "now", "4 min late, was due 18:04" */
export function lateWords(act: NextAct, nowMs: number): string {
  const late = Math.floor((nowMs - dueAt(act)) / MINUTE_MS);
  return late < 1 ? 'now' : `${late} min late, was due ${sayClock(act.dueAt)}`;
}

/**
 * The next things to do besides the one on top.
 *
 * @param current The act of hands on top, or null where the judge's is.
 * @param isJudgesNow What the judge asks for now stands on top already.
 */
export function actsAhead(bake: WholeBake, nowMs: number, current: NextAct | null, isJudgesNow: boolean): NextAct[] {
  const isOnTop = (act: NextAct) =>
    isJudgesNow && !act.isExpected && !ofHands.includes(act.kind) && dueAt(act) <= nowMs;
  return bake.next.filter((act) => act !== current && !isOnTop(act)).slice(0, MOST_AHEAD);
}

/** "18:04", "about 18:40", "since 18:01" */
export function actTime(act: NextAct, nowMs: number): string {
  if (act.isExpected) return `about ${sayClock(act.dueAt)}`;
  return dueAt(act) < nowMs - MINUTE_MS ? `since ${sayClock(act.dueAt)}` : sayClock(act.dueAt);
}
