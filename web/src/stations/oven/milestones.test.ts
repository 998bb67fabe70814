import { expect, test } from 'vitest';
import type { WholeBake } from '../../kitchen/bakes';
import { milestonesPassed } from './milestones';

const at = (minutes: number) => new Date(Date.UTC(2026, 10, 26, 16, 0) + minutes * 60_000).toISOString();

/** Breasts, in at 16:00, wanted at 74 °C and expected there after forty minutes. */
const bakeAt = (middleC: number, more: object = {}) =>
  ({
    id: 'b',
    plan: {
      ovenSetting: { value: 200, unit: 'celsius' },
      chicken: [{ id: 1, goal: { core: { value: 74, unit: 'celsius' } } }],
    },
    lots: [
      {
        lot: 1,
        name: 'breasts',
        isChicken: true,
        place: 'oven',
        isOff: false,
        inAt: at(0),
        goalAt: at(40),
        slowest: 2,
        pieces: [
          { piece: 1, middleC: 90 },
          { piece: 2, middleC },
        ],
        ...more,
      },
    ],
  }) as unknown as WholeBake;

const said = (minutes: number, middleC: number, more: object = {}) =>
  milestonesPassed(bakeAt(middleC, more), Date.parse(at(minutes))).map((one) => one.words);

test('each place on the way is told once it is passed, by the clock or by the slowest piece', () => {
  expect(said(19.9, 30)).toEqual([]);
  expect(said(20, 30)).toEqual(['breasts: half-way']);
  expect(said(29.9, 68.9)).toEqual(['breasts: half-way']);
  expect(said(30, 60)).toEqual(['breasts: 10 min to go']);
  expect(said(29, 69)).toEqual(['breasts: 5° to go']);
  expect(said(32, 69)).toEqual(['breasts: 10 min to go', 'breasts: 5° to go']);
  expect(said(40, 73)).toEqual(['breasts: reached by prediction, measure it']);
});

test('after a phone slept through it all only the last is news, whatever comes in later', () => {
  expect(said(45, 85)).toEqual(['breasts: reached by prediction, measure it']);
});

test('what is out, came off, or never gets there has no places on its way', () => {
  expect(said(45, 85, { place: 'resting' })).toEqual([]);
  expect(said(45, 85, { isOff: true })).toEqual([]);
  expect(said(45, 85, { goalAt: null })).toEqual([]);
  expect(said(45, 85, { isChicken: false })).toEqual([]);
});
