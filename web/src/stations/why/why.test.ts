import { expect, test } from 'vitest';
import type { HeatParameter, SolveAnswer, TextbookCase } from '../../api/types';
import { heldAgainst } from './heldAgainst';
import { originsOf } from './origins';

const item = {
  name: 'Slab',
  setting: 'Bi 1',
  publishedCoreC: [50, 70],
  toleranceC: 0.3,
  source: '',
} as unknown as TextbookCase;
const answer = (...oursC: number[]) =>
  ({ elapsedMs: 7, samples: oursC.map((coreC) => ({ coreC })) }) as unknown as SolveAnswer;

test('a case holds as long as its worst moment is as near as is promised, either way', () => {
  expect(heldAgainst(item, undefined)).toMatchObject({ worst: null, holds: false, apart: [] });
  expect(heldAgainst(item, answer(50.29, 70))).toMatchObject({ holds: true, elapsedMs: 7 });
  expect(heldAgainst(item, answer(50, 69.71)).holds).toBe(true);
  expect(heldAgainst(item, answer(50, 69.69)).holds).toBe(false);
  expect(heldAgainst(item, answer(50.31, 70)).holds).toBe(false);
  expect(heldAgainst(item, answer(50.2, 69.9)).worst).toBeCloseTo(0.2, 6);
});

test('every number is listed once, under how it came about', () => {
  const of = (source: string): HeatParameter => ({ name: source, value: 1, unit: '1', low: 0, high: 2, source });
  const all = [
    of('Calibrated on common practice'),
    of('Thin smear (common practice)'),
    of('Common practice'),
    of('From memory'),
  ];
  expect(originsOf(all).map((origin) => [origin.name, origin.parameters.length, origin.isOurs])).toEqual([
    ['fitted by us', 1, true],
    ['of common practice', 2, false],
    ['of physics', 1, false],
  ]);
  expect(originsOf([]).length).toBe(0);
});
