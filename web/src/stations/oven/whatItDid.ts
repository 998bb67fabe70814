import type { WholeBake } from '../../kitchen/bakes';
import { MINUTE_MS } from '../../words/times';

/** When each lot reaches its goal, by the server; ms. */
export type Goals = ReadonlyMap<number, number>;

type Lots = { lots: readonly Pick<WholeBake['lots'][number], 'lot' | 'name' | 'goalAt'>[] };

export const goalsOf = (bake: Lots): Goals =>
  new Map(bake.lots.flatMap((lot) => (lot.goalAt ? [[lot.lot, Date.parse(lot.goalAt)]] : [])));

/** "Thighs 2 min later, potatoes 1 min sooner."; empty where nothing moved by half a minute. */
export function sayMoved(before: Goals, after: Lots): string {
  const moved = after.lots.flatMap((lot) => {
    const was = before.get(lot.lot);
    if (was === undefined || !lot.goalAt) return [];
    const minutes = Math.round((Date.parse(lot.goalAt) - was) / MINUTE_MS);
    return minutes === 0 ? [] : [`${lot.name} ${Math.abs(minutes)} min ${minutes > 0 ? 'later' : 'sooner'}`];
  });
  const said = moved.join(', ');
  return said && `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
}
