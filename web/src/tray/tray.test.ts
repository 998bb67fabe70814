import { expect, test } from 'vitest';
import type { CurvePoint, LotForecast } from '../api/types';
import { pieceState } from './LotOnTray';
import { lotAt } from './trayMoment';

const point = (minutes: number, coldestC: number): CurvePoint => ({
  minutes,
  coldestC,
  coldestLowC: coldestC - 5,
  coldestHighC: coldestC + 5,
  surfaceC: coldestC + 30,
});

/** Four pieces that go in after 10 min: the heaviest is done after 40, the lightest after 30. */
const lot = {
  lot: 1,
  isChicken: true,
  pieces: 4,
  inMinutes: 10,
  outMinutes: 41,
  ready: { lowMinutes: 36, medianMinutes: 40, highMinutes: 45 },
  lightestReady: 30,
  pieceReady: [40, 37, 33, 30],
  curve: Array.from({ length: 41 }, (_, i) => point(10 + i, 4 + (70 * i) / 30)),
} as unknown as LotForecast;

test('a lot waits, is in, and is out', () => {
  expect(lotAt(lot, 5).where).toBe('waiting');
  expect(lotAt(lot, 10).where).toBe('in');
  expect(lotAt(lot, 40.9).where).toBe('in');
  expect(lotAt(lot, 41).where).toBe('out');
});

test('the heaviest piece follows the curve and is done when the server says', () => {
  expect(lotAt(lot, 10).coldestC).toBeCloseTo(4);
  expect(lotAt(lot, 25).coldestC).toBeCloseTo(39);
  expect(lotAt(lot, 39).isDone).toBe(false);
  expect(lotAt(lot, 40).isDone).toBe(true);
});

test('a lighter piece goes through the same temperatures sooner', () => {
  const done = lotAt(lot, 40).coldestC;
  for (const [index, ready] of lot.pieceReady.entries()) {
    expect(lotAt(lot, ready, index).coldestC).toBeCloseTo(done);
    expect(lotAt(lot, ready - 1, index).isDone).toBe(false);
    expect(lotAt(lot, ready, index).isDone).toBe(true);
  }
  expect(lotAt(lot, 10, 3).coldestC).toBeCloseTo(4);
});

test('a piece that is ahead is never shown cooling while all are in the oven', () => {
  const cooling = lot.curve.map((at) => (at.minutes > 41 ? { ...at, coldestC: 60 } : at));
  const rested = { ...lot, curve: cooling } as LotForecast;
  for (const index of [0, 1, 2, 3])
    expect(lotAt(rested, 40.9, index).coldestC).toBeGreaterThanOrEqual(lotAt(rested, 40, 0).coldestC);
  expect(lotAt(rested, 45, 3).coldestC).toBe(60);
});

test('a vegetable has one time for all its pieces', () => {
  const carrots = { ...lot, isChicken: false, pieceReady: [] } as LotForecast;
  expect(lotAt(carrots, 40, 7).isDone).toBe(true);
  expect(lotAt(carrots, 30, 7).coldestC).toBeCloseTo(lotAt(carrots, 30, 0).coldestC);
});

test('a piece is told to be ready by itself, and past by its lot', () => {
  const good = { opensMinutes: 33, bestFromMinutes: 35, bestUntilMinutes: 40, pastMinutes: 44 };
  const meat = { ...lot, good } as LotForecast;
  const at = (minutes: number, index: number) =>
    pieceState(meat, minutes, { ...lotAt(meat, minutes, index), where: 'in' });
  const lightest = meat.pieceReady.length - 1;
  const done = meat.pieceReady[lightest] ?? 0;
  expect(at(done - 0.1, lightest)).toBe('notYet');
  expect(at(done, lightest)).toBe('ready');
  expect(at(43.9, lightest)).toBe('ready');
  expect(at(44, lightest)).toBe('past');
  expect(pieceState(meat, 0, { ...lotAt(meat, 0), where: 'waiting' })).toBe('waiting');
});
