import { expect, test } from 'vitest';
import { ticksOf } from './CurveLane';

test('the scale of a curve has round temperatures of the kitchen’s own unit, from freezing up to the hottest', () => {
  expect(ticksOf(106, 'celsius')).toEqual([
    [0, 0],
    [50, 50],
    [100, 100],
  ]);
  expect(ticksOf(149.9, 'celsius').map(([value]) => value)).toEqual([0, 50, 100]);
  expect(ticksOf(150, 'celsius').map(([value]) => value)).toEqual([0, 50, 100, 150]);
  const fahrenheit = ticksOf(106, 'fahrenheit');
  expect(fahrenheit.map(([value]) => value)).toEqual([100, 200]);
  expect(fahrenheit[0]?.[1]).toBeCloseTo(37.78, 2);
  expect(fahrenheit[1]?.[1]).toBeCloseTo(93.33, 2);
});
