import type { CutChoice, LengthUnit, MassUnit, ProfileChoice, TrayPlan } from '../../api/types';
import { sayNumber } from '../../words/numbers';
import { sayTyped } from '../../words/temperatures';

const massSigns: Record<MassUnit, string> = { gram: 'g', kilogram: 'kg', pound: 'lb', ounce: 'oz' };
const lengthSigns: Record<LengthUnit, string> = { millimetre: 'mm', inch: 'in' };

/** A plan in one sentence, in the units it was typed in. */
export function planWords(plan: TrayPlan, cut: CutChoice | undefined, profile: ProfileChoice | undefined): string {
  const pieces = `${plan.count} ${(plan.count === 1 ? cut?.name : cut?.plural) ?? 'pieces'}`;
  const mass = `${sayNumber(plan.mass.value)} ${massSigns[plan.mass.unit]} ${plan.massBasis === 'pack' ? 'in all' : 'each'}`;
  const height = plan.height ? `, ${sayNumber(plan.height.value)} ${lengthSigns[plan.height.unit]} tall` : '';
  const skin = plan.skinOn ? 'skin on' : 'no skin';
  const from = plan.startFrom === 'counter' ? 'from the counter' : 'from the fridge';
  const oven = `${plan.ovenMode} oven at ${sayTyped(plan.ovenSetting)}`;
  return `${pieces}, ${skin}, ${mass}${height}, ${from}; ${oven}; ${profile?.name ?? ''} rule.`;
}
