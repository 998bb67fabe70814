import { expect, test } from 'vitest';
import type { PrepChoice, RunningMarinade } from '../../api/types';
import { marinadeCall } from '../../frame/marinades/marinadeWords';
import { prepRequestFrom } from '../../kitchen/prepRequest';
import { sayAmount, sayAmounts, sayExact, sayLength, sayQuantity } from '../../words/amounts';
import { keepRuler, readRuler } from './cut/ruler';
import { mixDraftFrom, mixRequestFrom } from './mix/mixDraft';
import { refuseFile } from './recipes/recipeFile';
import { quantityWords } from './recipes/UnderstoodView';

test.each([
  [0.125, '⅛'],
  [0.3333, '⅓'],
  [1.5, '1½'],
  [2, '2'],
  [2.9999999999, '3'],
  [2.6, '2.6'],
])('%d is said %s', (value, said) => {
  expect(sayQuantity(value)).toBe(said);
});

test('measures are said as on a spoon, grams and millilitres as on a scale', () => {
  expect(
    sayAmounts([
      { value: 2, unit: 'tablespoon' },
      { value: 0.75, unit: 'teaspoon' },
    ]),
  ).toBe('2 tbsp + ¾ tsp');
  expect(sayAmount({ value: 62.5, unit: 'millilitre' })).toBe('62.5 ml');
  expect(sayAmount({ value: 3, unit: 'piece' })).toBe('3');
  expect(sayLength(45)).toBe('45 min');
  expect(sayLength(150)).toBe('2 h 30 min');
});

test('what is exact is said in grams, or as written where nobody can weigh it', () => {
  const part = {
    part: { name: 'salt', ingredient: 'fineSalt', amount: { value: 12, unit: 'gram' }, role: 'mix' },
  } as const;
  const rest = { take: [], roundedG: null } as const;
  expect(sayExact({ ...part, ...rest, take: [], exact: { value: 11.88, unit: 'gram' }, exactG: 11.88 })).toBe('12 g');
  expect(sayExact({ ...part, ...rest, take: [], exact: { value: 204, unit: 'gram' }, exactG: 204 }, 'ounce')).toBe(
    '7.2 oz',
  );
  expect(sayExact({ ...part, ...rest, take: [], exact: { value: 2.346, unit: 'piece' }, exactG: null })).toBe('2.35');
});

test.each([
  [{ low: 4, high: 4, unit: 'clove' }, '4 cloves'],
  [{ low: 2, high: 3, unit: 'tbsp' }, '2 to 3 tbsp'],
  [{ low: 2, high: 2, unit: 'leaf' }, '2 leaves'],
  [{ low: 3, high: 3, unit: 'pinch' }, '3 pinches'],
  [{ low: 1, high: 1, unit: 'sprig' }, '1 sprig'],
  [{ low: 0.5, high: 0.5, unit: '' }, '½'],
  [{ low: null, high: null, unit: 'sprig' }, ''],
])('%j is read back as %j', (line, said) => {
  expect(quantityWords(line)).toBe(said);
});

test('a screen is measured once, and nonsense is not believed', () => {
  const kept = new Map<string, string>();
  const store = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
  expect(readRuler(store)).toEqual({ pxPerMm: 96 / 25.4, isCalibrated: false });
  keepRuler(store, 5.2);
  expect(readRuler(store)).toEqual({ pxPerMm: 5.2, isCalibrated: true });
  keepRuler(store, 900);
  expect(readRuler(store).isCalibrated).toBe(false);
});

test('files that cannot be recipes are not opened', () => {
  expect(refuseFile({ name: 'Supper.JSON', size: 2000 })).toBeNull();
  expect(refuseFile({ name: 'page.htm', size: 4 * 1024 * 1024 })).toBeNull();
  expect(refuseFile({ name: 'cat.png', size: 10 })).toContain('no recipe file');
  expect(refuseFile({ name: 'page.html', size: 20_000_000 })).toContain('4 MB at most');
});

test('a marinade says what it wants, and when', () => {
  const at = (minutes: number) => new Date(Date.UTC(2026, 10, 26, 16, minutes)).toISOString();
  const marinade: RunningMarinade = {
    id: 1,
    trayName: 'Thighs',
    mixName: 'Lemon',
    times: { startedAt: at(0), turnAt: at(60), readyAt: at(120), latestAt: at(240) },
    turnedAt: null,
    onCounter: false,
  };
  const call = (minutes: number, turnedAt: string | null = null) =>
    marinadeCall({ ...marinade, turnedAt }, Date.parse(at(minutes)));
  expect(call(10)).toMatchObject({ isDue: false, words: expect.stringContaining('turn it over') });
  expect(call(60)).toMatchObject({ isDue: true, words: expect.stringContaining('turn it over now') });
  expect(call(70, at(61))).toMatchObject({ isDue: false, words: expect.stringMatching(/^ready /) });
  expect(call(120)).toMatchObject({ isDue: true, words: expect.stringContaining('ready since') });
  expect(call(240)).toMatchObject({ isDue: true, words: expect.stringContaining('too long') });
});

test('a mix is copied under another name, and empty rows are left out', () => {
  const mix = {
    name: 'Harvest rub',
    kind: 'dryRub',
    per: 'kilogramOfMeat',
    method: '',
    parts: [{ name: 'fine salt', ingredient: 'fineSalt', amount: { value: 12, unit: 'gram' }, role: 'mix' }],
  } as const;
  const draft = mixDraftFrom({ ...mix, parts: [...mix.parts] }, false, 'gram');
  expect(draft.name).toBe('Harvest rub, ours');
  const blank = mixDraftFrom(null, false, 'gram');
  expect(mixRequestFrom({ ...blank, parts: [...draft.parts, ...blank.parts] }).parts).toEqual([
    { name: 'fine salt', value: 12, unit: 'gram' },
  ]);
  expect(
    mixRequestFrom({ ...draft, parts: draft.parts.map((part) => ({ ...part, value: 'some' })) }).parts?.[0]?.value,
  ).toBeNull();
});

test('how much meat a mix as written is for is asked and sent in the kitchen’s unit', () => {
  const ounces = mixDraftFrom(null, false, 'ounce');
  expect(ounces.forMeat).toBe('35.3');
  expect(mixRequestFrom({ ...ounces, forMeat: '1 lb 4 oz' }).forMeat).toEqual({ value: 20, unit: 'ounce' });
  expect(mixRequestFrom({ ...ounces, forMeat: 'some' }).forMeat).toEqual({ value: null, unit: 'ounce' });
  expect(mixRequestFrom({ ...ounces, per: 'kilogramOfMeat' }).forMeat).toBeNull();
  expect(mixDraftFrom(null, false, 'gram').forMeat).toBe('1000');
});

test('what was decided is sent back as it came', () => {
  const choice: PrepChoice = {
    mix: 'harvest-rub',
    serveG: 0,
    marinateMinutes: 60,
    place: 'fridge',
    container: 'bag',
    frozenMm: 45,
    garnish: true,
    heads: 4,
    portionG: 130,
    packs: [{ cut: 'drumstick', massG: 1400, count: 12, price: 7.7 }],
    bird: { massG: 1750, price: 9.4 },
    recipeMeatG: null,
    done: ['begin'],
  };
  expect(prepRequestFrom(choice)).toMatchObject({
    frozen: { value: 45, unit: 'millimetre' },
    packs: [{ cut: 'drumstick', mass: { value: 1400, unit: 'gram' }, count: 12, price: 7.7 }],
    bird: { mass: { value: 1750, unit: 'gram' }, price: 9.4 },
  });
  expect(prepRequestFrom({ ...choice, frozenMm: null, bird: null })).toMatchObject({ frozen: null, bird: null });
  expect('done' in prepRequestFrom(choice)).toBe(false);
});
