import type { TemperatureUnit } from '../api/types';

/** °C as a number in the cook's unit. */
export const inUnit = (celsius: number, unit: TemperatureUnit) => (unit === 'celsius' ? celsius : celsius * 1.8 + 32);

/** What was typed, as °C for drawing. */
export const celsiusOf = (typed: { value: number; unit: TemperatureUnit }) =>
  typed.unit === 'celsius' ? typed.value : (typed.value - 32) / 1.8;

export const unitSign = (unit: TemperatureUnit) => (unit === 'celsius' ? '°C' : '°F');

/** "74 °C" */
export const sayTemperature = (celsius: number, unit: TemperatureUnit) =>
  `${Math.round(inUnit(celsius, unit))} ${unitSign(unit)}`;

/** "74°", for places where the unit stands beside. */
export const sayDegrees = (celsius: number, unit: TemperatureUnit) => `${Math.round(inUnit(celsius, unit))}°`;

/** "74.5 °C" as typed. */
export const sayTyped = (typed: { value: number; unit: TemperatureUnit }) =>
  `${Number(typed.value.toFixed(1))} ${unitSign(typed.unit)}`;

/** "rising 1.4 °C a minute" */
export function sayRise(celsiusPerMinute: number, unit: TemperatureUnit): string {
  const rise = Math.round((unit === 'celsius' ? 1 : 1.8) * celsiusPerMinute * 10) / 10;
  if (rise === 0) return 'holding its temperature';
  return `${rise > 0 ? 'rising' : 'falling'} ${Math.abs(rise)} ${unitSign(unit)} a minute`;
}

/** The same temperature in the other unit, to the nearest step a dial or a cook would use. */
export function convertTyped(value: number, to: TemperatureUnit, step: number): number {
  const converted = to === 'fahrenheit' ? value * 1.8 + 32 : (value - 32) / 1.8;
  return Math.round(converted / step) * step;
}

/** "9 °C" or "16 °F": how much hotter one is than another. */
export const sayDifference = (celsius: number, unit: TemperatureUnit) =>
  `${Math.round(unit === 'celsius' ? celsius : celsius * 1.8)} ${unitSign(unit)}`;
