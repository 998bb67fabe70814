import { describe, expect, it, test } from 'vitest';
import type { Cut, Vegetable, VegetableCut } from '../api/types';
import { halfSize, oval, stretched } from './drawing';
import { type FoodState, stateIn } from './foodState';
import { meatDrawings } from './meatDrawings';
import { vegetableColours } from './vegetableColours';
import { vegetableDrawing } from './vegetableDrawings';

const kinds: Vegetable[] = [
  'potato',
  'babyPotato',
  'sweetPotato',
  'carrot',
  'parsnip',
  'squash',
  'onion',
  'shallot',
  'garlic',
  'pepper',
  'courgette',
  'aubergine',
  'cherryTomato',
  'broccoli',
  'cauliflower',
  'sprout',
  'greenBean',
  'mushroom',
  'fennel',
  'leek',
];
const cuts: VegetableCut[] = ['cube', 'wedge', 'coin', 'half', 'whole', 'stick', 'floret'];
const places = (d: string) => [...d.matchAll(/(-?[\d.]+)[ ,]+(-?[\d.]+)/g)].map((at) => [Number(at[1]), Number(at[2])]);

describe('drawings', () => {
  it('stretch to the size of the piece, corner by corner', () => {
    expect(stretched('M-1 -.5 L.25 1Z', 40, 20)).toBe('M-40 -10 L10 20Z');
    expect(halfSize([-30, 0, 10, 22, 28, -4])).toEqual({ halfLengthMm: 30, halfWidthMm: 22 });
    expect(places(oval(0.5, 0, 0.2, 0.4)).some(([x, y]) => x === 0.3 && y === 0)).toBe(true);
  });

  it.each(Object.entries(meatDrawings))(
    'of %s keep to their box, so that pieces lie where they are laid',
    (_, drawing) => {
      for (const [x = 0, y = 0] of places(drawing.body)) {
        expect(Math.abs(x)).toBeLessThanOrEqual(1.08);
        expect(Math.abs(y)).toBeLessThanOrEqual(1.06);
      }
      expect(drawing.body).toMatch(/^M.*Z$/);
    },
  );

  it('show a bone at every cut that has one, and at no other', () => {
    const boned: Cut[] = ['boneInThigh', 'drumstick', 'legQuarter', 'boneInBreast', 'drumette', 'wingFlat'];
    for (const [cut, { behind = [] }] of Object.entries(meatDrawings))
      expect(
        behind.some((part) => part.kind === 'bone'),
        cut,
      ).toBe(boned.includes(cut as Cut));
  });

  it('tell twenty vegetables in one cut apart by line or colour', () => {
    for (const cut of cuts) {
      const looks = kinds.map((kind) => JSON.stringify([vegetableDrawing(kind, cut), vegetableColours(kind, 'ready')]));
      expect(new Set(looks).size, cut).toBe(kinds.length);
    }
  });
});

test('a food is ready from where its window opens until it is past', () => {
  const good = { opensMinutes: 30, bestFromMinutes: 32, bestUntilMinutes: 38, pastMinutes: 41 };
  expect([29.9, 30, 40.9, 41].map((minute) => stateIn(good, minute))).toEqual(['notYet', 'ready', 'ready', 'past']);
  expect(stateIn({ ...good, pastMinutes: null }, 400)).toBe('ready');
  expect(stateIn({ ...good, opensMinutes: null }, 400)).toBe('notYet');
  expect(stateIn(null, 400)).toBe('notYet');
});

test.each(kinds)('%s: lightness alone tells firm, tender and past apart', (kind) => {
  const lightness = (state: FoodState) => Number(/oklch\(([\d.]+)/.exec(vegetableColours(kind, state).fill)?.[1]);
  expect(lightness('notYet') - lightness('ready')).toBeGreaterThan(0.06);
  expect(lightness('ready') - lightness('past')).toBeGreaterThan(0.12);
});
