import { expect, test } from 'vitest';
import type { LotForecast } from '../api/types';
import { sayStep } from './food';
import { parseNumber, sayNumber } from './numbers';
import { convertTyped, sayRise, sayTemperature, sayTyped } from './temperatures';
import { sayElapsed, sayFromNow, toLocalIso } from './times';
import { clockFrom, goodSentence, togetherWords, windowSentence } from './windows';

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

test('a window is told on the clock, with how sure it is, and says when there is none', () => {
  const clock = clockFrom(Date.parse('2026-11-26T17:00:00Z'));
  const hour = clock(0).slice(0, 2);
  const good = { opensMinutes: 33, bestFromMinutes: 38, bestUntilMinutes: 48, pastMinutes: 58 };
  const lot = {
    isChicken: true,
    good,
    goodSooner: { ...good, opensMinutes: 29, pastMinutes: 50 },
    goodLater: { ...good, opensMinutes: 37, pastMinutes: 59 },
  } as LotForecast;
  const burnt = { opensMinutes: 33, bestFromMinutes: null, bestUntilMinutes: null, pastMinutes: 30 };
  expect(windowSentence({ ...lot, good: burnt }, clock)).toMatch(/^Burnt from \d\d:30, before it is safe at \d\d:33/);
  expect(windowSentence(lot, clock)).toBe(
    `Safe from ${hour}:33 (${hour}:29 to ${hour}:37), best ${hour}:38 to ${hour}:48, past from ${hour}:58 (${hour}:50 to ${hour}:59).`,
  );
  expect(
    windowSentence({ ...lot, good: { ...good, bestFromMinutes: null, bestUntilMinutes: null } }, clock),
  ).not.toContain('best');
  expect(windowSentence({ ...lot, good: undefined } as unknown as LotForecast, clock)).toBeNull();
});

test('a tray is good together for a while, at one moment, or its first waits', () => {
  const clock = (minutes: number) => `${minutes}`;
  expect(
    togetherWords({ together: { fromMinutes: 38, untilMinutes: 46 }, apartMinutes: 0, pullMinutes: 40 }, clock),
  ).toBe('38–46');
  expect(togetherWords({ together: null, apartMinutes: 0, pullMinutes: 40 }, clock)).toBe('at 40');
  expect(togetherWords({ together: null, apartMinutes: 11.6, pullMinutes: 40 }, clock)).toBe('no, 12 min apart');
});

test.each([
  [1.44, 'celsius', 'rising 1.4 °C a minute'],
  [1.44, 'fahrenheit', 'rising 2.6 °F a minute'],
  [-0.2, 'celsius', 'falling 0.2 °C a minute'],
  [0.04, 'celsius', 'holding its temperature'],
] as const)('a rise of %d °C in %s is said', (rise, unit, said) => {
  expect(sayRise(rise, unit)).toBe(said);
});

test('the headline says when all is good, or how far it is apart', () => {
  const clock = (minutes: number) => `${minutes}`;
  const good = { opensMinutes: 30, bestFromMinutes: 32, bestUntilMinutes: 38, pastMinutes: 41 };
  const one = (window: object) =>
    goodSentence({ together: null, apartMinutes: 0, pullMinutes: 33, lots: [{ good: { ...good, ...window } }] }, clock);
  expect(one({})).toBe('Good from 30 to 41');
  expect(one({ pastMinutes: null })).toBe('Good from 30');
  expect(one({ opensMinutes: null })).toBe('Not done in this oven');
  expect(one({ pastMinutes: 29 })).toBe('Burns before it is done');
  const two = (together: { fromMinutes: number; untilMinutes: number } | null, apartMinutes: number) =>
    goodSentence({ together, apartMinutes, pullMinutes: 33, lots: [{ good }, { good }] }, clock);
  expect(two({ fromMinutes: 32, untilMinutes: 38 }, 0)).toBe('Good together from 32 to 38');
  expect(two({ fromMinutes: 31.2, untilMinutes: 38.9 }, 0)).toBe('Good together from 32 to 38');
  expect(two({ fromMinutes: 32, untilMinutes: 32 }, 0)).toBe('Good together at 32');
  // Shorter than a minute: when the tray comes out.
  expect(two({ fromMinutes: 32.4, untilMinutes: 32.7 }, 0)).toBe('Good together at 33');
  expect(two({ fromMinutes: 32.4, untilMinutes: 33.1 }, 0)).toBe('Good together at 33');
  expect(two(null, 12.4)).toBe('12 min apart, out at 33');
  expect(two(null, 0.4)).toBe('Good together at 33');
});

test('a planned step says what it is set to', () => {
  expect(sayStep({ kind: 'lower', setting: { value: 175, unit: 'celsius' } })).toBe('set the oven to 175 °C');
  expect(sayStep({ kind: 'grill', setting: { value: 450, unit: 'fahrenheit' } })).toBe('grill 450 °F');
  expect(sayStep({ kind: 'turn', setting: null })).toBe('turn over');
});
