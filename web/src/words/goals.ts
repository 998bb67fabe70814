import type { Tenderness, TrayPlan } from '../api/types';
import { celsiusOf } from './temperatures';

export const tendernessWords: Record<Tenderness, string> = {
  withBite: 'With bite',
  tender: 'Tender',
  soft: 'Soft',
};

/** Where a lot of chicken should get to, °C; boiling for a vegetable, whose goal is no temperature. */
export function goalC(plan: TrayPlan, lot: number): number {
  const chicken = plan.chicken.find((other) => other.id === lot);
  return chicken ? celsiusOf(chicken.goal.core) : 100;
}
