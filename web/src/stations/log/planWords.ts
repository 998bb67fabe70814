import type { components } from '../../api/schema';
import type { BakeView, ChickenLot, LengthUnit, MassUnit, TrayPlan, VegetableLot } from '../../api/types';
import type { WholeBake } from '../../kitchen/bakes';
import { coatingWords, listed, vegetableCutWords, vesselWords } from '../../words/food';
import { sayNumber } from '../../words/numbers';
import { sayTyped } from '../../words/temperatures';
import { MINUTE_MS } from '../../words/times';

type Choices = components['schemas']['ChoicesView'];

const massSigns: Record<MassUnit, string> = { gram: 'g', kilogram: 'kg', pound: 'lb', ounce: 'oz' };
const lengthSigns: Record<LengthUnit, string> = { millimetre: 'mm', inch: 'in' };

/** A plan in one sentence, in the units it was typed in. */
export function planWords(plan: TrayPlan, choices: Choices): string {
  const oven = `${plan.ovenMode} oven at ${sayTyped(plan.ovenSetting)}`;
  const profile = choices.profiles.find((choice) => choice.id === plan.profile)?.name ?? '';
  const food = [
    ...plan.chicken.map((lot) => chickenWords(lot, choices)),
    ...plan.vegetables.map((lot) => vegetableWords(lot, choices)),
  ];
  return `${food.join('; ')}; ${oven}; ${profile} rule.`;
}

/** Everything needed to do it again without this program: trays, coats, steps and when each was really done. */
export function methodWords(bake: WholeBake, choices: Choices): string[] {
  const { plan } = bake;
  const start = Date.parse(bake.startedAt);
  const after = (at: string) => Math.round((Date.parse(at) - start) / MINUTE_MS);
  return [
    ...plan.vessels.map(
      (vessel, at) => `${plan.vessels.length > 1 ? `Tray ${at + 1}` : 'Tray'}: ${vesselWords[vessel.kind]}.`,
    ),
    ...plan.chicken.flatMap((lot) =>
      lot.coats.map((coat) => {
        const what = coat.name ?? coatingWords[coat.kind];
        const soak = coat.soakMinutes ? `, left to lie for ${coat.soakMinutes} min` : '';
        const at = coat.atMinutes !== null && coat.atMinutes !== undefined ? `, after ${coat.atMinutes} min` : '';
        return `${countWords(lot, choices)}: ${what}${soak}${at}.`;
      }),
    ),
    ...[...plan.chicken, ...plan.vegetables]
      .filter((lot) => lot.addAtMinutes > 0)
      .map(
        (lot) =>
          `${'cut' in lot && 'sizes' in lot ? countWords(lot, choices) : vegetableName(lot as VegetableLot, choices)} went in after ${lot.addAtMinutes} min.`,
      ),
    ...bake.acts.map((act) => {
      if (act.isSkipped) return `${act.title}: skipped.`;
      if (!act.doneAt) return `${act.title}: planned after ${act.step.atMinutes} min, not ticked off.`;
      const off = after(act.doneAt) - act.step.atMinutes;
      return `${act.title}: after ${after(act.doneAt)} min${off === 0 ? ', as planned' : `, ${Math.abs(off)} min ${off > 0 ? 'later' : 'sooner'} than planned`}.`;
    }),
    plan.restMinutes > 0 ? `Rested ${plan.restMinutes} min.` : 'No rest.',
  ];
}

/** What was on it, without how: "6 bone-in thighs with potatoes and carrots". */
export function lotWords(plan: Pick<TrayPlan, 'chicken' | 'vegetables'>, choices: Choices): string {
  const chicken = listed(plan.chicken.map((lot) => countWords(lot, choices)));
  const vegetables = listed(plan.vegetables.map((lot) => vegetableName(lot, choices)));
  return vegetables === '' ? chicken : `${chicken} with ${vegetables}`;
}

/** A bake of the list, where only its cuts and vegetables are known: "bone-in thighs with carrots". */
export function contentWords(bake: Pick<BakeView, 'cuts' | 'vegetables' | 'pieces'>, choices: Choices): string {
  const cuts = [...new Set(bake.cuts)].map((cut) => choices.cuts.find((choice) => choice.cut === cut));
  const chicken = listed(cuts.map((cut) => (bake.pieces === 1 ? cut?.name : cut?.plural) ?? 'pieces'));
  const vegetables = listed(
    bake.vegetables.map((kind) => choices.vegetables.find((choice) => choice.kind === kind)?.name ?? 'vegetables'),
  );
  const all = bake.cuts.length === 1 ? `${bake.pieces} ${chicken}` : chicken;
  return vegetables === '' ? all : `${all} with ${vegetables}`;
}

function chickenWords(lot: ChickenLot, choices: Choices): string {
  const { sizes } = lot;
  const mass = sizes.mass
    ? `, ${sayNumber(sizes.mass.value)} ${massSigns[sizes.mass.unit]} ${sizes.basis === 'pack' ? 'in all' : 'each'}`
    : '';
  const height = lot.height ? `, ${sayNumber(lot.height.value)} ${lengthSigns[lot.height.unit]} tall` : '';
  const from = lot.startFrom === 'counter' ? 'from the counter' : 'from the fridge';
  return `${countWords(lot, choices)}, ${lot.skinOn ? 'skin on' : 'no skin'}${mass}${height}, ${from}, to ${sayTyped(lot.goal.core)}`;
}

function countWords(lot: ChickenLot, choices: Choices): string {
  const cut = choices.cuts.find((choice) => choice.cut === lot.cut);
  return `${lot.sizes.count} ${(lot.sizes.count === 1 ? cut?.name : cut?.plural) ?? 'pieces'}`;
}

const vegetableName = (lot: VegetableLot, choices: Choices) =>
  choices.vegetables.find((choice) => choice.kind === lot.kind)?.name ?? 'vegetables';

function vegetableWords(lot: VegetableLot, choices: Choices): string {
  const size = `${sayNumber(lot.size.value)} ${lengthSigns[lot.size.unit]} ${vegetableCutWords[lot.cut]}`;
  return `${sayNumber(lot.amount.value)} ${massSigns[lot.amount.unit]} of ${vegetableName(lot, choices)} in ${size}`;
}
