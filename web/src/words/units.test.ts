import { describe, expect, it, test } from 'vitest';
import type { Household } from '../api/types';
import { changed, ownedVessel, withTemperature, withUnitsOf, withUsualFirst } from './household';
import { parseClock, sayClock, setClockFace } from './times';
import {
  lengthIn,
  massIn,
  parseLength,
  parseMass,
  parseQuantity,
  parseTemperature,
  parseVolume,
  sayMass,
  sayPrice,
  saySize,
  sayVolume,
  volumeIn,
} from './units';

describe('what a cook in a hurry types', () => {
  it.each([
    ['1', 1],
    ['1,5', 1.5],
    ['.5', 0.5],
    ['¾', 0.75],
    ['1½', 1.5],
    ['1 ½', 1.5],
    ['3/4', 0.75],
    ['1 1/2', 1.5],
    ['', null],
    ['x', null],
    ['1 2', null],
    ['1/0', null],
    ['🍗', null],
    ['1'.repeat(300), Number('1'.repeat(300))],
  ])('%s', (text, value) => expect(parseQuantity(text)).toBe(value));

  it.each([
    ['990', 'gram', 990],
    ['1 lb 4 oz', 'gram', 566.9905],
    ['1lb', 'ounce', 16],
    ['1,2 kg', 'gram', 1200],
    ['800G', 'ounce', 28.2192],
    ['½ lb', 'gram', 226.7962],
    ['2 in', 'gram', null],
    ['1 lb 4', 'gram', null],
    ['heavy', 'gram', null],
    ['-900', 'gram', -900],
  ] as const)('%s as a mass in %ss', (text, unit, value) => expect(parseMass(text, unit)).toBe(value));

  it.each([
    ['38', 'millimetre', 38],
    ['¾ in', 'millimetre', 19.05],
    ['1 1/2"', 'millimetre', 38.1],
    ['4 cm', 'inch', 1.5748],
    ['4 g', 'inch', null],
  ] as const)('%s as a length in %ss', (text, unit, value) => expect(parseLength(text, unit)).toBe(value));

  it.each([
    ['205', 'celsius', 205],
    ['400 °F', 'celsius', 204],
    ['200C', 'fahrenheit', 392],
    ['400f', 'fahrenheit', 400],
    ['hot', 'celsius', null],
  ] as const)('%s as a temperature in %s', (text, unit, value) => expect(parseTemperature(text, unit)).toBe(value));

  it.each([
    ['18:45', 18, 45],
    ['6.45', 6, 45],
    ['1845', 18, 45],
    ['18h45', 18, 45],
    ['6:45 pm', 18, 45],
    ['7pm', 19, 0],
    ['12 am', 0, 0],
    ['12:30 pm', 12, 30],
  ])('%s as a time of day', (text, hours, minutes) => expect(parseClock(text)).toEqual({ hours, minutes }));

  it.each(['24:00', '18:60', '13 pm', 'half past', '', '7', '🕖'])('%s is no time of day', (text) =>
    expect(parseClock(text)).toBeNull(),
  );
});

test('masses and lengths go over to what a scale or a ruler shows, and stay where the unit is the same', () => {
  expect(massIn(990, 'gram', 'ounce')).toBe(34.9);
  expect(massIn(2, 'pound', 'gram')).toBe(907);
  expect(massIn(990.4, 'gram', 'gram')).toBe(990.4);
  expect(lengthIn(25, 'millimetre', 'inch')).toBe(1);
  expect(lengthIn(1.5, 'inch', 'millimetre')).toBe(38);
});

test('a time of day is said on the face of this kitchen', () => {
  const evening = new Date(2026, 10, 26, 18, 5);
  expect(sayClock(evening)).toBe('18:05');
  setClockFace('twelve');
  expect(sayClock(evening)).toBe('6:05 pm');
  expect(sayClock(new Date(2026, 10, 26, 0, 30))).toBe('12:30 am');
  setClockFace('twentyFour');
});

test('a kitchen changes its units whole, and its dial with them', () => {
  const kitchen = {
    temperature: 'celsius',
    dial: { value: 200, unit: 'celsius' },
    vessels: [],
  } as unknown as Household;
  expect(withTemperature(kitchen, 'celsius')).toEqual(kitchen);
  expect(withUnitsOf(kitchen, 'american')).toMatchObject({
    temperature: 'fahrenheit',
    mass: 'ounce',
    length: 'inch',
    clock: 'twelve',
    dial: { value: 390, unit: 'fahrenheit' },
  });
  expect(changed(kitchen, { temperature: 'fahrenheit' }).dial).toEqual({ value: 390, unit: 'fahrenheit' });
  for (let value = 60; value <= 300; value += 5) {
    const there = changed({ ...kitchen, dial: { value, unit: 'celsius' } }, { temperature: 'fahrenheit' });
    expect(changed(there, { temperature: 'celsius' }).dial.value).toBe(value);
  }
  expect(changed(kitchen, { temperature: 'celsius', heads: 3 })).toEqual({ ...kitchen, heads: 3 });
  const dial = { value: 425, unit: 'fahrenheit' } as const;
  expect(changed(kitchen, { temperature: 'fahrenheit', dial }).dial).toEqual(dial);
  const owned = [ownedVessel('dish'), ownedVessel('roastingTin')];
  expect(withUsualFirst(owned, 1).map((one) => one.name)).toEqual(['Roasting tin', 'Dish']);
  expect(owned[1]?.vessel.rack).toBe(true);
});

test('what was worked out is said in what this kitchen weighs and measures with, as the server says it', () => {
  const metric = { mass: 'gram', length: 'millimetre' } as const;
  const ounces = { mass: 'ounce', length: 'inch' } as const;
  expect([0.4, 7.6, 990, 999.4, 999.6, 1000, 1650].map((massG) => sayMass(massG, metric))).toEqual([
    '0.4 g',
    '8 g',
    '990 g',
    '999 g',
    '1 kg',
    '1 kg',
    '1.65 kg',
  ]);
  expect([165, 282, 283, 439, 440, 469, 999.4].map((massG) => sayMass(massG, ounces))).toEqual([
    '5.8 oz',
    '9.9 oz',
    '10 oz',
    '15 oz',
    '1 lb',
    '1 lb 1 oz',
    '2 lb 3 oz',
  ]);
  expect([1, 25, 38, 42].map((mm) => saySize(mm, ounces))).toEqual(['⅛ in', '1 in', '1 ½ in', '1 ⅝ in']);
  expect(saySize(37.6, metric)).toBe('38 mm');
  expect([4, 59, 60, 100, 226, 240, 270, 303].map((ml) => sayVolume(ml, ounces))).toEqual([
    '0.5 tbsp',
    '4 tbsp',
    '¼ cup',
    '⅜ cup',
    '1 cup',
    '1 cup',
    '1 ¼ cups',
    '1 ¼ cups',
  ]);
  expect(sayVolume(236, metric)).toBe('240 ml');
  expect([sayPrice(7.2, metric), sayPrice(7.2, ounces)]).toEqual(['7.20 a kilogram', '3.27 a pound']);
});

test('a liquid is asked for in ml or in cups, and any measure is read', () => {
  expect([240, 300, 37].map((ml) => volumeIn(ml, 'cup'))).toEqual([1, 1.25, 0.125]);
  expect(volumeIn(37.4, 'millilitre')).toBe(37);
  expect(
    ['240', '1 cup', '½ cups', '2 dl', '1 cup 2 tbsp', 'a lot', '3 kg'].map((text) => parseVolume(text, 'millilitre')),
  ).toEqual([240, 240, 120, 200, 270, null, null]);
  expect(['1', '1 ¼', '250 ml', ''].map((text) => parseVolume(text, 'cup'))).toEqual([240, 300, 250, null]);
});
