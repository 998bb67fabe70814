import { expect, test } from 'vitest';
import { parseNumber, sayNumber } from './numbers';
import { convertTyped, sayTemperature, sayTyped } from './temperatures';
import { sayElapsed, sayFromNow, toLocalIso } from './times';

test.each([
  ['1.2', 1.2],
  [' 1,2 ', 1.2],
  ['-3', -3],
  ['.5', 0.5],
  ['', null],
  ['six', null],
  ['1.2.3', null],
  ['1e5', null],
  ['12 g', null],
])('a cook’s number %j is %j', (text, value) => {
  expect(parseNumber(text)).toBe(value);
});

test('elapsed time counts up and never below zero', () => {
  expect(sayElapsed(-5)).toBe('00:00');
  expect(sayElapsed(24 * 60_000 + 7_900)).toBe('24:07');
  expect(sayElapsed(64 * 60_000 + 7_000)).toBe('1:04:07');
});

test('times are said from now', () => {
  expect(sayFromNow(600_000, 0)).toBe('in 10 min');
  expect(sayFromNow(0, 20_000)).toBe('now');
  expect(sayFromNow(0, 180_000)).toBe('3 min ago');
});

test('a local time keeps the moment and says its offset', () => {
  const moment = new Date(2026, 10, 26, 18, 30);
  expect(toLocalIso(moment)).toMatch(/^2026-11-26T18:30:00[+-]\d\d:\d\d$/);
  expect(new Date(toLocalIso(moment)).getTime()).toBe(moment.getTime());
});

test('temperatures are said and converted as on a dial', () => {
  expect(sayTemperature(73.9, 'fahrenheit')).toBe('165 °F');
  expect(sayTyped({ value: 74.25, unit: 'celsius' })).toBe('74.3 °C');
  expect(convertTyped(205, 'fahrenheit', 5)).toBe(400);
  expect(convertTyped(400, 'celsius', 5)).toBe(205);
  expect(sayNumber(2.204)).toBe('2.2');
});
