import type { WholeBake } from '../../kitchen/bakes';
import { goalC } from '../../words/goals';
import { MINUTE_MS } from '../../words/times';

export interface Milestone {
  key: string;
  words: string;
}

const BEFORE_MIN = 10;
const BEFORE_C = 5;

/** Places on the way of each chicken that is in, as far as it has come by now: half-way, then ten minutes and five degrees, then reached. */
export function milestonesPassed(bake: WholeBake, nowMs: number): Milestone[] {
  return bake.lots
    .filter((lot) => lot.isChicken && lot.place === 'oven' && !lot.isOff && lot.goalAt)
    .flatMap((lot) => {
      const [inMs, goalMs] = [Date.parse(lot.inAt), Date.parse(lot.goalAt ?? '')];
      const middleC = lot.pieces.find((piece) => piece.piece === lot.slowest)?.middleC ?? 0;
      const at = (name: string, words: string, isPassed: boolean) =>
        isPassed ? [{ key: `${bake.id}.${lot.lot}.${name}`, words: `${lot.name}: ${words}` }] : [];

      // Of what passed while nobody looked only the furthest is news: five degrees to go, said of meat that is done, is none.
      const reached = at('reached', 'reached by prediction, measure it', nowMs >= goalMs);
      if (reached.length > 0) return reached;
      const near = [
        ...at('minutes', `${BEFORE_MIN} min to go`, nowMs >= goalMs - BEFORE_MIN * MINUTE_MS),
        ...at(
          'degrees',
          `${bake.plan.ovenSetting.unit === 'celsius' ? BEFORE_C : Math.round(1.8 * BEFORE_C)}° to go`,
          middleC >= goalC(bake.plan, lot.lot) - BEFORE_C,
        ),
      ];
      return near.length > 0 ? near : at('half', 'half-way', nowMs >= (inMs + goalMs) / 2);
    });
}
