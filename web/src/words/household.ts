import type { Household, HouseOven, OwnedVessel, TemperatureUnit } from '../api/types';
import { parseNumber } from './numbers';
import { convertTyped, unitSign } from './temperatures';

/** A dial has its marks at these, in either unit: coarser ones would not bring 200 °C back to itself. */
const DIAL_STEP = 5;

/** The same kitchen with its temperatures in the other unit. */
export function withTemperature(household: Household, temperature: TemperatureUnit): Household {
  const { value, unit } = household.dial;
  return unit === temperature
    ? { ...household, temperature }
    : {
        ...household,
        temperature,
        dial: { value: convertTyped(value, temperature, DIAL_STEP), unit: temperature },
      };
}

/** A part of the kitchen said anew: another unit of temperature takes the dial with it. */
export const changed = (household: Household, part: Partial<Household>): Household => ({
  ...(part.temperature && !part.dial ? withTemperature(household, part.temperature) : household),
  ...part,
});

/** All units at once, as cooks of one country have them. */
export const withUnitsOf = (household: Household, whose: 'metric' | 'american'): Household => ({
  ...withTemperature(household, whose === 'metric' ? 'celsius' : 'fahrenheit'),
  mass: whose === 'metric' ? 'gram' : 'ounce',
  length: whose === 'metric' ? 'millimetre' : 'inch',
  clock: whose === 'metric' ? 'twentyFour' : 'twelve',
});

const vesselNames: Partial<Record<OwnedVessel['vessel']['kind'], string>> = {
  halfSheet: 'Baking sheet',
  quarterSheet: 'Small sheet',
  dish: 'Dish',
  roundDish: 'Round dish',
  roastingTin: 'Roasting tin',
};

/** A vessel as a household usually has it. */
export const ownedVessel = (kind: OwnedVessel['vessel']['kind']): OwnedVessel => ({
  name: vesselNames[kind] ?? 'Another one',
  vessel: {
    kind,
    rack: kind === 'roastingTin',
    parchment: false,
    waterMl: 0,
    width: kind === 'custom' ? { value: 400, unit: 'millimetre' } : null,
    depth: kind === 'custom' ? { value: 300, unit: 'millimetre' } : null,
  },
});

/** The one that new trays begin with comes first. */
export const withUsualFirst = <T>(owned: readonly T[], at: number): T[] => [
  ...owned.filter((_, i) => i === at),
  ...owned.filter((_, i) => i !== at),
];

/** Whether something went, came or stands in another place; not whether something about it changed. */
export const isRearranged = <T>(now: readonly T[], before: readonly T[]) =>
  now.length !== before.length || now.some((one, at) => one !== before[at] && before.includes(one));

/** An oven of which nothing is known yet but that it is there, by a name that no other has. */
export function anotherOven(ovens: readonly HouseOven[]): HouseOven {
  const names = ['Second oven', 'Third oven', 'Fourth oven', 'Another oven'];
  return { name: names.find((name) => !ovens.some((oven) => oven.name === name)) ?? 'Another oven', air: 'fan' };
}

/** A dial's temperature as the kitchen reads it, on a mark of the dial. */
export const dialIn = (typed: { value: number; unit: TemperatureUnit }, unit: TemperatureUnit): number =>
  typed.unit === unit ? typed.value : convertTyped(typed.value, unit, DIAL_STEP);

type Difference = NonNullable<HouseOven['runsHotBy']>;

const differenceIn = ({ value, unit }: Difference, to: TemperatureUnit): number =>
  Math.round(unit === to ? value : to === 'fahrenheit' ? value * 1.8 : value / 1.8);

/** "9 cooler", "5 hotter"; nothing for as the dial says. */
export function offsetText(offset: HouseOven['runsHotBy'], unit: TemperatureUnit): string {
  const degrees = offset ? differenceIn(offset, unit) : 0;
  return degrees === 0 ? '' : `${Math.abs(degrees)} ${degrees < 0 ? 'cooler' : 'hotter'}`;
}

/** What was typed of an oven's true heat against its dial; not a number where it cannot be read, which the server refuses. */
export function offsetFrom(text: string, unit: TemperatureUnit): Difference | null {
  const said = text.trim().toLowerCase();
  if (said === '') return null;
  const [, sign, number = ''] = /^([+−-])?\s*([\d.,]+)/.exec(said) ?? [];
  const value = parseNumber(number);
  if (value === null) return { value: Number.NaN, unit };
  const isCool = sign === '-' || sign === '−' || /\b(co[ol]|less|under|below)/.test(said);
  return value === 0 ? null : { value: isCool ? -value : value, unit };
}

/** What is known of an oven, in a few words. */
export function ovenSummary(oven: HouseOven, unit: TemperatureUnit): string {
  const offset = offsetText(oven.runsHotBy, unit);
  return [
    offset.replace(' ', ` ${unitSign(unit)} `),
    oven.highest && `to ${dialIn(oven.highest, unit)} ${unitSign(unit)}`,
    oven.shelves === 1 && 'one tray at a time',
    oven.hasGrill === false && 'no grill',
    (oven.preheatMinutes ?? 15) !== 15 && `hot after ${oven.preheatMinutes} min`,
  ]
    .filter(Boolean)
    .join(', ');
}
