import type { Household, OwnedVessel, TemperatureUnit } from '../api/types';
import { convertTyped } from './temperatures';

/** A dial has its marks at these. */
const DIAL_STEP: Record<TemperatureUnit, number> = { celsius: 5, fahrenheit: 25 };

/** The same kitchen with its temperatures in the other unit. */
export function withTemperature(household: Household, temperature: TemperatureUnit): Household {
  const { value, unit } = household.dial;
  return unit === temperature
    ? { ...household, temperature }
    : {
        ...household,
        temperature,
        dial: { value: convertTyped(value, temperature, DIAL_STEP[temperature]), unit: temperature },
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
export const withUsualFirst = (vessels: readonly OwnedVessel[], at: number): OwnedVessel[] => [
  ...vessels.filter((_, i) => i === at),
  ...vessels.filter((_, i) => i !== at),
];
