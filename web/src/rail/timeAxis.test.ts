import { expect, test } from 'vitest';
import { timeAxis } from './timeAxis';

const at = (clock: string) => new Date(`2026-11-27T${clock}:00`).getTime();
const axis = (from: string, to: string) => timeAxis(at(from), at(to), 100, 700);
const clocks = (moments: readonly number[]) => moments.map((moment) => new Date(moment).toTimeString().slice(0, 5));

test('a moment has a place and a place its moment', () => {
  const x = axis('17:00', '19:00');
  expect(x(at('17:00'))).toBe(100);
  expect(x(at('18:00'))).toBe(400);
  expect(x(at('19:30'))).toBe(850);
  expect(x.at(250)).toBe(at('17:30'));
  expect(x.at(x(at('18:17')))).toBeCloseTo(at('18:17'), 0);
});

test('ticks are round times of the clock, as many as there is room for', () => {
  expect(clocks(axis('17:03', '18:50').ticks(8))).toEqual([
    '17:15',
    '17:30',
    '17:45',
    '18:00',
    '18:15',
    '18:30',
    '18:45',
  ]);
  expect(clocks(axis('17:03', '18:50').ticks(4))).toEqual(['17:30', '18:00', '18:30']);
  expect(clocks(axis('17:00', '17:05').ticks(5))).toEqual(['17:00', '17:01', '17:02', '17:03', '17:04', '17:05']);
  expect(clocks(axis('06:10', '19:00').ticks(5))).toEqual(['09:00', '12:00', '15:00', '18:00']);
});

test('a strip of no length, and one of many days, break nothing', () => {
  expect(axis('17:00', '17:00')(at('17:00'))).toBe(100);
  const days = timeAxis(0, 30 * 86_400_000, 0, 600).ticks(4);
  expect(days.length).toBeGreaterThan(1);
  expect(days.length).toBeLessThanOrEqual(5);
});
