import type { BakeRecord, ChickenLot } from '../api/types';

/** The lot that decides when a bake is done. */
export const leadLot = ({ plan, forecast }: Pick<BakeRecord, 'plan' | 'forecast'>): ChickenLot | undefined =>
  plan.chicken.find((lot) => lot.id === forecast.lead) ?? plan.chicken[0];
