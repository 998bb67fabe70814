import type { TrayPlan } from '../api/types';
import type { DrawnFood } from './FoodPiece';

/** What a lot of a plan looks like; null for one that is gone. */
export function drawnFood(plan: Pick<TrayPlan, 'chicken' | 'vegetables'>, lot: number): DrawnFood | null {
  const meat = plan.chicken.find((other) => other.id === lot);
  if (meat) return { meat };
  const vegetable = plan.vegetables.find((other) => other.id === lot);
  return vegetable ? { vegetable } : null;
}
