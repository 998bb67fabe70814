import { expect, test } from 'vitest';
import type { SectionFilm } from '../api/types';
import { frameAt, framesAround, openFilm, planeAt } from './film';
import { sayInside, sayLength, sayProbe } from './sectionWords';

/** Two frames of a plane with two columns and one row. */
function plane(...celsius: number[]): SectionFilm['along'] {
  const bytes = new Uint8Array(celsius.length * 2);
  const view = new DataView(bytes.buffer);
  for (const [i, each] of celsius.entries()) view.setInt16(2 * i, each * 10, true);
  const deciC = btoa(String.fromCharCode(...bytes));
  return { leftMm: 0, widthMm: 100, heightMm: 40, columns: 2, rows: 1, outline: [], inner: [], deciC };
}

const film = openFilm({
  along: plane(4, -2.5, 60, 71.3),
  across: plane(4, 4, 60, 60),
  inside: 'bone',
  frames: [
    { minutes: 0, coldestC: 4, surfaceC: 4, coldest: { xMm: 50, zMm: 20 } },
    { minutes: 10, coldestC: 60, surfaceC: 90, coldest: { xMm: 48, zMm: 22 } },
  ],
  probe: { entry: { xMm: 10, zMm: 35 }, tip: { xMm: 40, zMm: 20 }, depthMm: 33.5 },
});

test('temperatures come back as they were packed, cold ones too', () => {
  expect(planeAt(film.along, film.frames, 0)).toEqual([4, -2.5]);
  expect(planeAt(film.along, film.frames, 10)[1]).toBeCloseTo(71.3, 3);
});

test('between two frames temperatures are straight, beyond them held', () => {
  expect(planeAt(film.along, film.frames, 5)[0]).toBeCloseTo(32);
  expect(planeAt(film.along, film.frames, -3)[0]).toBe(4);
  expect(planeAt(film.along, film.frames, 99)[0]).toBe(60);
  expect(frameAt(film.frames, 2.5).coldestC).toBeCloseTo(18);
  expect(framesAround(film.frames, 10)).toEqual({ a: 0, b: 1, share: 1 });
});

test('the picture is said in the cook’s units', () => {
  expect(sayInside(film, 10, { temperature: 'celsius', length: 'millimetre' })).toBe(
    'Coldest 60 °C, 48 mm from the thick end, 22 mm above the tray. Outside 90 °C.',
  );
  expect(sayInside(film, 10, { temperature: 'fahrenheit', length: 'inch' })).toBe(
    'Coldest 140 °F, 1.9 in from the thick end, 0.9 in above the tray. Outside 194 °F.',
  );
  expect(sayLength(25.4, 'inch')).toBe('1.0 in');
});

test.each([
  [{ xMm: 10, zMm: 35 }, 'thick end, slanting down, 34 mm deep; tip 20 mm above the tray, off the bone.'],
  [{ xMm: 5, zMm: 21 }, 'thick end, 34 mm deep; tip 20 mm above the tray, off the bone.'],
  [{ xMm: 90, zMm: 20 }, 'thin end, 34 mm deep; tip 20 mm above the tray, off the bone.'],
  [{ xMm: 39, zMm: 38 }, 'from above, 34 mm deep; tip 20 mm above the tray, off the bone.'],
  [{ xMm: 28, zMm: 38 }, 'from above, slanting, 34 mm deep; tip 20 mm above the tray, off the bone.'],
])('a probe in at %j is told its way', (entry, way) => {
  const units = { temperature: 'celsius', length: 'millimetre' } as const;
  expect(sayProbe({ ...film, probe: { ...film.probe, entry } }, units)).toBe(`Probe: ${way}`);
});

test('a filling is what the probe aims for, and plain meat needs no word', () => {
  const units = { temperature: 'celsius', length: 'millimetre' } as const;
  expect(sayProbe({ ...film, inside: 'filling' }, units)).toMatch(/above the tray, in the filling\.$/);
  expect(sayProbe({ ...film, inside: 'onlyMeat' }, units)).toMatch(/above the tray\.$/);
});
