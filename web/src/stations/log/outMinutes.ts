import type { BakeRecord } from '../../api/types';
import { MINUTE_MS } from '../../words/times';

/** When the tray last left the oven, minutes after it went in; null if it was finished in the oven. */
export function outMinutes(bake: BakeRecord): number | null {
  const out = bake.moves.findLast((move) => move.place === 'worktop');
  return out ? (Date.parse(out.at) - Date.parse(bake.startedAt)) / MINUTE_MS : null;
}
