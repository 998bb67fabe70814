import type { BakeRecord, TrayPlan } from '../api/types';
import { sayTyped } from '../words/temperatures';
import type { Span } from './LaneBar';

/** Where the tray really stood, as spans of the oven's lane. */
export function placeSpans(moves: BakeRecord['moves'], to: number, plan: TrayPlan): Span[] {
  return moves.map((move, i) => {
    const next = moves[i + 1];
    return {
      kind: move.place === 'oven' ? 'oven' : 'rest',
      from: Date.parse(move.at),
      to: next ? Date.parse(next.at) : to,
      label: move.place === 'oven' ? `${plan.ovenMode} ${sayTyped(plan.ovenSetting)}` : 'rest',
    };
  });
}
