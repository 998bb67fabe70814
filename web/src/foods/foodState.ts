import type { GoodWindow } from '../api/types';

/** What a food is like at a minute, as far as the picture tells: not in yet, not ready, ready, or past. */
export type FoodState = 'waiting' | 'notYet' | 'ready' | 'past';

/** Where a minute lies in a window; without one nothing is said to be ready. */
export function stateIn(good: GoodWindow | null | undefined, minutes: number): FoodState {
  if (!good || good.opensMinutes === null || minutes < good.opensMinutes) return 'notYet';
  return good.pastMinutes === null || minutes < good.pastMinutes ? 'ready' : 'past';
}
