import { expect, test } from 'vitest';
import { askAgainIn, changedChoice } from './evening';

const choice = { sides: [{ kind: 'rice' as const }], cooks: 1, rings: 4, pace: 1, done: [{ key: 'in', at: '' }] };

test('a change is put on what is there, and ticks are not sent', () => {
  expect(changedChoice(choice, { add: { kind: 'beans' } })).toEqual({
    sides: [{ kind: 'rice' }, { kind: 'beans' }],
    cooks: 1,
    rings: 4,
    pace: 1,
  });
  expect(changedChoice(choice, { cooks: 2 })).toEqual({ sides: [{ kind: 'rice' }], cooks: 2, rings: 4, pace: 1 });
});

test('a side that is added twice is there once, and one that is gone can be left out again', () => {
  const twice = { ...choice, ...changedChoice(choice, { add: { kind: 'rice' } }) };
  expect(twice.sides).toEqual([{ kind: 'rice' }]);
  expect(changedChoice(choice, { leaveOut: 'beans' }).sides).toEqual([{ kind: 'rice' }]);
  expect(changedChoice(choice, { leaveOut: 'rice' }).sides).toEqual([]);
});

test('its minutes are its own', () => {
  const two = { ...choice, sides: [{ kind: 'rice' as const }, { kind: 'beans' as const }] };
  expect(changedChoice(two, { minutes: { kind: 'beans', cookMinutes: 11 } }).sides).toEqual([
    { kind: 'rice' },
    { kind: 'beans', cookMinutes: 11 },
  ]);
});

test('a task that should begin or be over is asked about within a second of it, and else every now and then', () => {
  const at = (ms: number) => new Date(ms).toISOString();
  const task = { beginsAt: at(60_000), endsAt: at(300_000) };
  expect(askAgainIn([task], 57_000)).toBe(3_200);
  expect(askAgainIn([task], 60_000)).toBe(20_000);
  expect(askAgainIn([task], 299_500)).toBe(700);
  expect(askAgainIn([task], 400_000)).toBe(20_000);
  expect(askAgainIn([], 0)).toBe(20_000);
});
