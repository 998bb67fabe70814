import type { LengthUnit, MassUnit, TemperatureUnit } from '../api/types';

/** The units a household reads and types in, said once in its kitchen. */
export interface Units {
  temperature: TemperatureUnit;
  mass: MassUnit;
  length: LengthUnit;
}

export const usualUnits: Units = { temperature: 'celsius', mass: 'gram', length: 'millimetre' };

const grams: Record<MassUnit, number> = { gram: 1, kilogram: 1000, pound: 453.592_37, ounce: 28.349_523_125 };
const millimetres: Record<LengthUnit, number> = { millimetre: 1, inch: 25.4 };

export const massSign: Record<MassUnit, string> = { gram: 'g', kilogram: 'kg', pound: 'lb', ounce: 'oz' };
export const lengthSign: Record<LengthUnit, string> = { millimetre: 'mm', inch: 'in' };

/** As fine as a scale or a ruler shows. */
const steps = { gram: 1, kilogram: 0.005, pound: 0.05, ounce: 0.1, millimetre: 1, inch: 1 / 16 } as const;

const toStep = (value: number, step: number) => Math.round(Math.round(value / step) * step * 1000) / 1000;

/** A mass in another unit, to what a scale shows; the same where the unit is the same. */
export const massIn = (value: number, from: MassUnit, to: MassUnit): number =>
  from === to ? value : toStep((value * grams[from]) / grams[to], steps[to]);

/** A length in another unit, to what a ruler shows; the same where the unit is the same. */
export const lengthIn = (value: number, from: LengthUnit, to: LengthUnit): number =>
  from === to ? value : toStep((value * millimetres[from]) / millimetres[to], steps[to]);

const unitNames: Record<string, { mass: MassUnit } | { length: number }> = {
  g: { mass: 'gram' },
  gram: { mass: 'gram' },
  grams: { mass: 'gram' },
  kg: { mass: 'kilogram' },
  kilo: { mass: 'kilogram' },
  kilos: { mass: 'kilogram' },
  lb: { mass: 'pound' },
  lbs: { mass: 'pound' },
  pound: { mass: 'pound' },
  pounds: { mass: 'pound' },
  oz: { mass: 'ounce' },
  ounce: { mass: 'ounce' },
  ounces: { mass: 'ounce' },
  mm: { length: 1 },
  cm: { length: 10 },
  in: { length: 25.4 },
  inch: { length: 25.4 },
  inches: { length: 25.4 },
  '"': { length: 25.4 },
  '″': { length: 25.4 },
};

const fractions: Record<string, number> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

/** "1", "1,5", "¾", "1 ½", "1 1/2", "3/4" as a number; null where it is none. */
export function parseQuantity(text: string): number | null {
  const [, whole = '', sign, top, below] =
    /^([+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+))?\s*(?:([½¼¾⅓⅔⅛⅜⅝⅞])|(?:(?<=\s|^)(\d+)\s*\/\s*(\d+)))?$/.exec(text.trim()) ??
    [];
  const part = sign ? (fractions[sign] ?? 0) : top && below && Number(below) > 0 ? Number(top) / Number(below) : 0;
  if (whole === '' && part === 0) return null;
  return Number((whole || '0').replace(',', '.')) + part;
}

/** Numbers with or without their units, each with the unit's size in the field's own: their sum; null for anything else. */
function parseSum(text: string, sizeOf: (name: string) => number | undefined): number | null {
  const trimmed = text.trim().toLowerCase();
  const alone = parseQuantity(trimmed);
  if (alone !== null) return alone;
  const parts = [...trimmed.matchAll(/([\d.,/\s½¼¾⅓⅔⅛⅜⅝⅞+-]+)([a-z"″]+)\s*/g)];
  if (parts.length === 0 || parts.map((part) => part[0]).join('') !== trimmed) return null;
  let sum = 0;
  for (const [, number = '', name = ''] of parts) {
    const [value, size] = [parseQuantity(number), sizeOf(name)];
    if (value === null || size === undefined) return null;
    sum += value * size;
  }
  return sum;
}

const fine = (value: number | null) => (value === null ? null : Math.round(value * 1e4) / 1e4);

/** "990", "1 lb 4 oz", "1,2 kg" in the field's unit; null where it is no mass. */
export const parseMass = (text: string, unit: MassUnit): number | null =>
  fine(
    parseSum(text, (name) => {
      const known = unitNames[name];
      return known && 'mass' in known ? grams[known.mass] / grams[unit] : undefined;
    }),
  );

/** "38", "¾ in", "4 cm" in the field's unit; null where it is no length. */
export const parseLength = (text: string, unit: LengthUnit): number | null =>
  fine(
    parseSum(text, (name) => {
      const known = unitNames[name];
      return known && 'length' in known ? known.length / millimetres[unit] : undefined;
    }),
  );

/** "205", "400 °F", "200C" in the field's unit; null where it is no temperature. */
export function parseTemperature(text: string, unit: TemperatureUnit): number | null {
  const [, number = '', sign] = /^(.*?)\s*°?\s*([cf])?$/i.exec(text.trim()) ?? [];
  const value = parseQuantity(number);
  const typed = sign?.toLowerCase() === 'f' ? 'fahrenheit' : sign ? 'celsius' : unit;
  if (value === null || typed === unit) return value;
  return Math.round(typed === 'celsius' ? value * 1.8 + 32 : (value - 32) / 1.8);
}

const eighths = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

/** "¾", "1 ½", "2": as a ruler and a cup show it, never nothing. */
function inEighths(value: number): string {
  const count = Math.max(1, Math.round(8 * value));
  const [whole, part] = [Math.floor(count / 8), eighths[count % 8]];
  return [whole > 0 && whole, part].filter(Boolean).join(' ');
}

/** Where a kitchen weighs in ounces, liquids go by the cup. */
const isByCup = ({ mass }: Pick<Units, 'mass'>) => mass === 'ounce' || mass === 'pound';

/** "8 g", "990 g", "1.65 kg"; "5.8 oz", "12 oz", "2 lb 3 oz". */
export function sayMass(massG: number, units: Pick<Units, 'mass'>): string {
  if (!isByCup(units)) {
    if (massG < 999.5) return `${massG < 1 ? Number(massG.toFixed(1)) : Math.round(massG)} g`;
    return `${Number((massG / 1000).toFixed(2))} kg`;
  }
  const ounces = massG / grams.ounce;
  if (ounces < 9.95) return `${Number(ounces.toFixed(1))} oz`;
  // Rounded once, so that never sixteen ounces are left over beside the pounds.
  const [pounds, rest] = [Math.floor(Math.round(ounces) / 16), Math.round(ounces) % 16];
  return [pounds > 0 && `${pounds} lb`, rest > 0 && `${rest} oz`].filter(Boolean).join(' ');
}

/** "38 mm"; "1 ½ in", to the eighth of an inch. */
export const saySize = (lengthMm: number, { length }: Pick<Units, 'length'>): string =>
  length === 'inch' ? `${inEighths(lengthMm / millimetres.inch)} in` : `${Math.round(lengthMm)} mm`;

const CUP_ML = 240;
const SPOON_ML = 15;

/** "240 ml", to the ten; "1 cup", "2 tbsp". */
export function sayVolume(volumeMl: number, units: Pick<Units, 'mass'>): string {
  if (!isByCup(units)) return `${10 * Math.round(volumeMl / 10)} ml`;
  if (volumeMl < CUP_ML / 4) return `${Math.max(0.5, Math.round((2 * volumeMl) / SPOON_ML) / 2)} tbsp`;
  // An eighth is two tablespoons, and matters in a small pour only.
  const finest = volumeMl < CUP_ML ? 8 : 4;
  const cups = Math.round((finest * volumeMl) / CUP_ML) / finest;
  return `${inEighths(cups)} ${cups > 1 ? 'cups' : 'cup'}`;
}

/** How liquids are asked for. */
export type VolumeUnit = 'millilitre' | 'cup';

export const volumeUnitOf = (units: Pick<Units, 'mass'>): VolumeUnit => (isByCup(units) ? 'cup' : 'millilitre');

export const volumeSign: Record<VolumeUnit, string> = { millilitre: 'ml', cup: 'cups' };

const millilitres: Record<string, number> = {
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  cup: CUP_ML,
  cups: CUP_ML,
  tbsp: SPOON_ML,
  tsp: 5,
};

/** A volume as it is asked for: ml, or cups to the eighth. */
export const volumeIn = (volumeMl: number, unit: VolumeUnit): number =>
  unit === 'cup' ? Math.round((8 * volumeMl) / CUP_ML) / 8 : Math.round(volumeMl);

/** "240", "1 cup", "½", "2 dl" in ml; null where it is no volume. */
export function parseVolume(text: string, unit: VolumeUnit): number | null {
  const own = unit === 'cup' ? CUP_ML : 1;
  const value = parseSum(text, (name) => {
    const known = millilitres[name];
    return known === undefined ? undefined : known / own;
  });
  return value === null ? null : fine(value * own);
}

/** What a price per kilogram is where meat is sold by the pound: "3.27 the pound". */
export const sayPrice = (perKg: number, units: Pick<Units, 'mass'>): string =>
  isByCup(units) ? `${((perKg * grams.pound) / 1000).toFixed(2)} a pound` : `${perKg.toFixed(2)} a kilogram`;
