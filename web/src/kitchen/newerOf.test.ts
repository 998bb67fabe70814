import { expect, test } from 'vitest';
import { newerOf } from './newerOf';

test('an answer that comes late never takes the place of a newer one of the same tray', () => {
  const at = (id: number, version: number) => ({ id, version });
  expect(newerOf(at(1, 4), undefined)).toEqual(at(1, 4));
  expect(newerOf(at(1, 4), at(1, 5))).toEqual(at(1, 5));
  expect(newerOf(at(1, 5), at(1, 4))).toEqual(at(1, 5));
  expect(newerOf(at(2, 1), at(1, 5))).toEqual(at(2, 1));
  // The same version said anew: in other units, at a later hour.
  const again = at(1, 5);
  expect(newerOf(again, at(1, 5))).toBe(again);
});
