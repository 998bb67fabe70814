import type { LotForecast } from '../api/types';
import { curveAt } from '../curve/curveAt';

/** What a lot is like at a minute of the plan. */
export interface LotMoment {
  where: 'waiting' | 'in' | 'out';
  coldestC: number;
  surfaceC: number;
  isDone: boolean;
  /** Its lightest piece is done, whether or not its heaviest is. */
  isLightestDone: boolean;
}

export function lotAt(lot: LotForecast, minutes: number): LotMoment {
  const point = curveAt(lot.curve, minutes);
  return {
    where: minutes < lot.inMinutes ? 'waiting' : minutes < lot.outMinutes ? 'in' : 'out',
    coldestC: point.coldestC,
    surfaceC: point.surfaceC,
    isDone: minutes >= lot.ready.medianMinutes - 0.01,
    isLightestDone: minutes >= lot.lightestReady - 0.01,
  };
}
