import { expect, test } from 'vitest';
import { anotherOven, isRearranged, offsetFrom, offsetText, ovenSummary } from './household';

test.each([
  ['9 cooler', { value: -9, unit: 'celsius' }],
  ['5 hotter', { value: 5, unit: 'celsius' }],
  ['-9', { value: -9, unit: 'celsius' }],
  ['−9 °C', { value: -9, unit: 'celsius' }],
  ['+4', { value: 4, unit: 'celsius' }],
  ['9° too cold', { value: -9, unit: 'celsius' }],
  ['9 colder', { value: -9, unit: 'celsius' }],
  ['7,5 less', { value: -7.5, unit: 'celsius' }],
  ['0', null],
  ['', null],
])('an oven that is %j', (text, offset) => {
  expect(offsetFrom(text, 'celsius')).toEqual(offset);
});

test('what is no number is left to the server to refuse', () => {
  expect(offsetFrom('a bit', 'celsius')?.value).toBeNaN();
});

test('an offset is said in degrees of the kitchen, and comes back as it is said', () => {
  expect(offsetText({ value: -9, unit: 'fahrenheit' }, 'celsius')).toBe('5 cooler');
  expect(offsetText({ value: 5, unit: 'celsius' }, 'fahrenheit')).toBe('9 hotter');
  expect(offsetText({ value: 0.3, unit: 'celsius' }, 'celsius')).toBe('');
  expect(offsetText(null, 'celsius')).toBe('');
  expect(offsetFrom(offsetText({ value: -11, unit: 'celsius' }, 'celsius'), 'celsius')).toEqual({
    value: -11,
    unit: 'celsius',
  });
});

test('what is known of an oven is said shortly, and an ordinary one needs no words', () => {
  expect(ovenSummary({ name: 'Oven', air: 'fan', shelves: 3, hasGrill: true, preheatMinutes: 15 }, 'celsius')).toBe('');
  expect(
    ovenSummary(
      {
        name: 'Little',
        air: 'fan',
        shelves: 1,
        hasGrill: false,
        preheatMinutes: 8,
        runsHotBy: { value: -20, unit: 'celsius' },
        highest: { value: 230, unit: 'celsius' },
      },
      'fahrenheit',
    ),
  ).toBe('36 °F cooler, to 445 °F, one tray at a time, no grill, hot after 8 min');
});

test('another oven has a name of its own', () => {
  const first = { name: 'Oven', air: 'still' as const };
  const second = anotherOven([first]);
  expect(second.name).toBe('Second oven');
  expect(anotherOven([first, second]).name).toBe('Third oven');
});

test('what went, came or moved is another order; what is called otherwise is not', () => {
  const [sheet, dish] = [{ name: 'Baking sheet' }, { name: 'Blue dish' }];
  expect(isRearranged([sheet, dish], [sheet, dish])).toBe(false);
  expect(isRearranged([sheet, { name: 'Green dish' }], [sheet, dish])).toBe(false);
  expect(isRearranged([dish, sheet], [sheet, dish])).toBe(true);
  expect(isRearranged([dish], [sheet, dish])).toBe(true);
  expect(isRearranged([sheet, dish, { name: 'Dish' }], [sheet, dish])).toBe(true);
});
