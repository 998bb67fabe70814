import { expect, test } from 'vitest';
import { tabAfter } from './Tabs';

test('arrow keys go from tab to tab and round, Home and End to the ends, other keys nowhere', () => {
  expect(tabAfter('ArrowRight', 0, 3)).toBe(1);
  expect(tabAfter('ArrowRight', 2, 3)).toBe(0);
  expect(tabAfter('ArrowLeft', 0, 3)).toBe(2);
  expect(tabAfter('ArrowLeft', 2, 3)).toBe(1);
  expect(tabAfter('Home', 2, 3)).toBe(0);
  expect(tabAfter('End', 0, 3)).toBe(2);
  expect(tabAfter('ArrowDown', 1, 3)).toBeUndefined();
  expect(tabAfter('a', 1, 3)).toBeUndefined();
});
