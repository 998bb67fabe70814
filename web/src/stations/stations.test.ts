import { expect, test } from 'vitest';
import { Problem } from '../api/problem';
import type { CutChoice, LiveBake, ProfileChoice, TrayPlan } from '../api/types';
import { planWords } from './log/planWords';
import { checkFrom, emptyReading, press } from './oven/checkDraft';
import { instructionFor } from './oven/instruction';
import { draftFrom, requestFrom, withUnit } from './tray/trayDraft';

const plan: TrayPlan = {
  name: 'Thighs',
  cut: 'boneInThigh',
  skinOn: true,
  count: 6,
  mass: { value: 990, unit: 'gram' },
  massBasis: 'pack',
  height: null,
  startFrom: 'fridge',
  ovenMode: 'still',
  ovenSetting: { value: 205, unit: 'celsius' },
  profile: 'unitedStates',
  targetCore: { value: 74, unit: 'celsius' },
  restMinutes: 5,
  eatAt: null,
};
const thigh = { name: 'bone-in thigh', plural: 'bone-in thighs' } as CutChoice;
const rule = { name: 'Canada' } as ProfileChoice;
const now = new Date(2026, 10, 26, 17, 0).getTime();

test('a plan survives being edited and sent back', () => {
  const eatAt = new Date(2026, 10, 27, 18, 30).toISOString();
  const sent = requestFrom(draftFrom({ ...plan, eatAt }, false, now), now);
  expect({ ...sent, eatAt: new Date(sent.eatAt ?? 0).toISOString() }).toEqual({ ...plan, eatAt });
});

test('a logged plan is told in the units it was typed in', () => {
  const typed: TrayPlan = {
    ...plan,
    count: 1,
    mass: { value: 0.8, unit: 'pound' },
    massBasis: 'piece',
    height: { value: 1.5, unit: 'inch' },
  };
  expect(planWords(typed, thigh, rule)).toBe(
    '1 bone-in thigh, skin on, 0.8 lb each, 1.5 in tall, from the fridge; still oven at 205 °C; Canada rule.',
  );
});

test('text that is no number or no time is left for the server to refuse', () => {
  const draft = {
    ...draftFrom(plan, false, now),
    mass: 'heavy',
    count: '2.5',
    dinner: 'today' as const,
    dinnerTime: '25:99',
  };
  expect(requestFrom(draft, now)).toMatchObject({ mass: { value: null }, count: null, eatAt: '25:99' });
});

test('changing the unit changes the numbers with it', () => {
  const draft = withUnit(draftFrom(plan, false, now), 'fahrenheit');
  expect([draft.oven, draft.target]).toEqual(['400', '165']);
  expect(withUnit(draft, 'fahrenheit')).toBe(draft);
});

test('a refused request says its sentence at the field', () => {
  const problem = Problem.from(400, { title: 'No.', errors: { 'mass.value': ['Too light.'] }, earliestEatAt: 'x' });
  expect(problem.at('mass')).toBe('Too light.');
  expect(problem.at('count')).toBeUndefined();
  expect(Problem.from(500, 'html').message).toMatch(/try again/i);
});

test('only filled rows are sent, each with its own piece', () => {
  const rows = [emptyReading, { ...emptyReading, text: '74,5' }];
  const { check, rowOf } = checkFrom(rows, 'celsius', ' ');
  expect(check).toMatchObject({ note: null, readings: [{ piece: 2, value: 74.5, unit: 'celsius' }] });
  expect(rowOf).toEqual([1]);
});

test('the keypad writes one number', () => {
  expect(['7', '4', '.', '.', '5'].reduce(press, '')).toBe('74.5');
  expect(press('74', 'back')).toBe('7');
  expect(press('', '.')).toBe('0.');
  expect(press('123456', '7')).toBe('123456');
});

type Verdict = 'serve' | 'restThenCheck' | 'backIn' | 'cannotTell';
const bake = (verdict: Verdict | null, place: 'oven' | 'worktop', nextInMinutes: number | null) =>
  ({
    record: { plan, checks: verdict ? [{ verdict }] : [] },
    place,
    targetAt: null,
    nextCheckAt: nextInMinutes === null ? null : new Date(now + nextInMinutes * 60_000).toISOString(),
  }) as unknown as LiveBake;

test.each([
  [null, 'oven', 12, 'Leave it in'],
  [null, 'oven', -1, 'Check it now'],
  [null, 'worktop', 12, 'Check it'],
  ['serve', 'worktop', null, 'Serve'],
  ['restThenCheck', 'oven', 3, 'Take it out to rest'],
  ['restThenCheck', 'worktop', 3, 'Let it rest'],
  ['restThenCheck', 'worktop', -1, 'Check again now'],
  ['backIn', 'worktop', 5, 'Put it back in'],
  ['backIn', 'oven', 5, 'Leave it in'],
  ['cannotTell', 'oven', null, 'Measure again'],
] as const)('after %s, tray on the %s, next check in %s min: %s', (verdict, place, next, words) => {
  expect(instructionFor(bake(verdict, place, next), now).act).toBe(words);
});
