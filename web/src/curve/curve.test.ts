import { expect, test } from 'vitest';
import { curveAt } from './curveAt';
import { heatColour } from './ramp';

const point = (minutes: number, coldestC: number) => ({
  minutes,
  coldestC,
  coldestLowC: coldestC - 5,
  coldestHighC: coldestC + 5,
  surfaceC: coldestC + 20,
});
const curve = [point(0, 4), point(1, 10), point(2, 20)];

test('between points a curve is straight, and beyond its ends it holds', () => {
  expect(curveAt(curve, 1.5)).toMatchObject({ coldestC: 15, coldestLowC: 10, coldestHighC: 20, surfaceC: 35 });
  expect(curveAt(curve, -3).coldestC).toBe(4);
  expect(curveAt(curve, 99).coldestC).toBe(20);
  expect(() => curveAt([], 1)).toThrow();
});

test('a piece is as large as it was raw until a curve says that it shrinks', () => {
  expect(curveAt(curve, 1).scale).toBe(1);
  const shrinking = [
    { ...point(0, 4), scale: 1 },
    { ...point(10, 70), scale: 0.9 },
  ];
  expect(curveAt(shrinking, 5).scale).toBeCloseTo(0.95);
});

test('the ramp can be read without colour: lightness rises to the pale middle and falls again', () => {
  const lightness = (celsius: number) => {
    const [r = 0, g = 0, b = 0] = (heatColour(celsius).match(/\d+/g) ?? []).map(Number);
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  for (let c = 0; c < 45; c += 5) expect(lightness(c + 5)).toBeGreaterThan(lightness(c));
  for (let c = 45; c < 150; c += 5) expect(lightness(c + 5)).toBeLessThan(lightness(c));
});
