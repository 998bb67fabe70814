import type { Amount, MassUnit, MeasureUnit, ScaledPart } from '../api/types';

const OUNCE_G = 28.349_523_125;

const fractions: readonly [number, string][] = [
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
];

const unitWords: Record<MeasureUnit, string> = {
  gram: 'g',
  kilogram: 'kg',
  ounce: 'oz',
  pound: 'lb',
  millilitre: 'ml',
  centilitre: 'cl',
  decilitre: 'dl',
  litre: 'l',
  pinch: 'pinch',
  teaspoon: 'tsp',
  tablespoon: 'tbsp',
  cup: 'cup',
  fluidOunce: 'fl oz',
  pint: 'pint',
  quart: 'quart',
  piece: '',
};

export const measureWords: readonly { value: MeasureUnit; label: string }[] = (
  ['gram', 'millilitre', 'teaspoon', 'tablespoon', 'cup', 'ounce', 'pinch', 'piece'] as const
).map((value) => ({ value, label: value === 'piece' ? 'pcs' : unitWords[value] }));

/** "1½", "⅓", "2.75" */
export function sayQuantity(value: number): string {
  const whole = Math.floor(value + 1e-9);
  const rest = value - whole;
  if (rest < 0.01) return String(whole);
  const fraction = fractions.find(([part]) => Math.abs(part - rest) < 0.01);
  if (fraction) return whole === 0 ? fraction[1] : `${whole}${fraction[1]}`;
  return String(Math.round(value * 100) / 100);
}

/** "2 tbsp + 1 tsp" */
export const sayAmounts = (amounts: readonly Amount[]): string => amounts.map(sayAmount).join(' + ');

/** "2 tbsp"; spoons and cups in fractions, grams and millilitres as numbers. */
export function sayAmount({ value, unit }: Amount): string {
  const isMetric = ['gram', 'kilogram', 'millilitre', 'centilitre', 'decilitre', 'litre'].includes(unit);
  return `${isMetric ? String(Math.round(value * 100) / 100) : sayQuantity(value)} ${unitWords[unit]}`.trim();
}

/** What it would be exactly, where that is not what is measured: "11.9 g". */
export function sayExact(part: ScaledPart, unit: MassUnit = 'gram'): string {
  if (part.exactG === null) return sayAmount({ ...part.exact, value: Math.round(part.exact.value * 100) / 100 });
  if (unit === 'ounce') return `${Number((part.exactG / OUNCE_G).toFixed(2))} oz`;
  return `${part.exactG < 10 ? part.exactG.toFixed(1) : Math.round(part.exactG)} g`;
}

/** "40 min", "2 h", "2 h 30 min" */
export function sayLength(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), Math.round(minutes % 60)];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}
