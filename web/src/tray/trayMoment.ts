import type { LotForecast } from '../api/types';
import { curveAt } from '../curve/curveAt';

/** What a lot is like at a minute of the plan. */
export interface LotMoment {
  where: 'waiting' | 'in' | 'out';
  coldestC: number;
  surfaceC: number;
  isDone: boolean;
  /** Its size against the raw piece: it shrinks as water leaves. */
  scale: number;
}

/**
 * A lot's heaviest piece, or another: a lighter one goes through the same temperatures sooner, as much as the server
 * says it is done sooner.
 */
export function lotAt(lot: LotForecast, minutes: number, index = 0): LotMoment {
  const ready = lot.pieceReady[index] ?? lot.ready.medianMinutes;
  const pace = (lot.ready.medianMinutes - lot.inMinutes) / Math.max(1, ready - lot.inMinutes);
  const reached = Math.min(minutes, lot.outMinutes);
  // Beyond its way out the curve is that of a piece at rest: a light one that is ahead of it has not cooled.
  const heated = Math.min(lot.inMinutes + (reached - lot.inMinutes) * pace, lot.outMinutes);
  const point = curveAt(lot.curve, heated + (minutes - reached));
  return {
    where: minutes < lot.inMinutes ? 'waiting' : minutes < lot.outMinutes ? 'in' : 'out',
    coldestC: point.coldestC,
    surfaceC: point.surfaceC,
    isDone: minutes >= ready - 0.01,
    scale: point.scale ?? 1,
  };
}
