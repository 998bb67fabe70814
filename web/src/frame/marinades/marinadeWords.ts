import type { RunningMarinade } from '../../api/types';
import { sayClock } from '../../words/times';

/** What a running marinade wants of the cook, and whether it wants it now. */
export function marinadeCall(marinade: RunningMarinade, nowMs: number): { words: string; isDue: boolean } {
  const { turnAt, readyAt, latestAt } = marinade.times;
  if (nowMs >= Date.parse(latestAt))
    return { words: `too long: into the oven was by ${sayClock(latestAt)}`, isDue: true };
  if (nowMs >= Date.parse(readyAt)) return { words: `ready since ${sayClock(readyAt)}`, isDue: true };
  if (turnAt && !marinade.turnedAt) {
    return nowMs >= Date.parse(turnAt)
      ? { words: `turn it over now; ready ${sayClock(readyAt)}`, isDue: true }
      : { words: `turn it over ${sayClock(turnAt)}; ready ${sayClock(readyAt)}`, isDue: false };
  }
  return { words: `ready ${sayClock(readyAt)}`, isDue: false };
}
