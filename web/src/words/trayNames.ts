import type { components } from '../api/schema';
import type { ChickenLot, TrayPlan, VegetableLot } from '../api/types';

type Choices = components['schemas']['ChoicesView'];

/** What the lots of a tray are called. */
export class TrayNames {
  constructor(private readonly choices: Choices) {}

  chicken(lot: Pick<ChickenLot, 'cut'>, count: number): string {
    const cut = this.choices.cuts.find((choice) => choice.cut === lot.cut);
    return (count === 1 ? cut?.name : cut?.plural) ?? 'pieces';
  }

  vegetable(lot: Pick<VegetableLot, 'kind'>): string {
    return this.choices.vegetables.find((choice) => choice.kind === lot.kind)?.name ?? 'vegetables';
  }

  /** By its number, without its count. */
  of(plan: Pick<TrayPlan, 'chicken' | 'vegetables'>, lot: number): string {
    const chicken = plan.chicken.find((other) => other.id === lot);
    if (chicken) return this.chicken(chicken, 2);
    const vegetable = plan.vegetables.find((other) => other.id === lot);
    return vegetable ? this.vegetable(vegetable) : '';
  }

  /** One piece of it. */
  one(plan: Pick<TrayPlan, 'chicken' | 'vegetables'>, lot: number): string {
    const chicken = plan.chicken.find((other) => other.id === lot);
    return chicken ? this.chicken(chicken, 1) : this.of(plan, lot);
  }

  /** How far a vegetable has come at a cook value, as the server counts it. */
  tenderShare(lot: Pick<VegetableLot, 'kind'>, cookMinutes: number): number {
    const needed = this.choices.vegetables.find((choice) => choice.kind === lot.kind)?.tenderCookMinutes;
    return needed ? cookMinutes / needed : 0;
  }
}
