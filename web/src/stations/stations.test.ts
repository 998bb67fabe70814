import { expect, test } from 'vitest';
import { ringNotes } from '../alarm/ring';
import { Problem } from '../api/problem';
import type { components } from '../api/schema';
import type { TrayPlan } from '../api/types';
import type { WholeBake } from '../kitchen/bakes';
import { sayClock } from '../words/times';
import { lotWords, planWords } from './log/planWords';
import { instructionFor } from './oven/instruction';
import { press } from './oven/keypad';
import { actTime, type NextAct } from './oven/nextActs';
import { piecesOf } from './oven/pieces';
import { goalsOf, sayMoved } from './oven/whatItDid';
import {
  lotIds,
  withBasis,
  withBird,
  withChicken,
  withCount,
  withOneTray,
  withOwnTray,
  withoutLeftOver,
  withoutLot,
  withProfile,
  withSecondTray,
  withVegetable,
} from './tray/draft/changes';
import { draftFrom } from './tray/draft/draftFrom';
import { requestFrom } from './tray/draft/requestFrom';
import { effectWords } from './tray/programme/effectWords';
import { brushWords } from './tray/views/Headline';
import { costWords } from './tray/views/TogetherView';

const plan: TrayPlan = {
  name: 'Thighs',
  chicken: [
    {
      id: 1,
      cut: 'boneInThigh',
      skinOn: true,
      coats: [{ kind: 'dryRub', when: 'on', mix: null }],
      sizes: { basis: 'pack', count: 6, mass: { value: 990, unit: 'gram' }, spreadPercent: 15, each: [] },
      height: null,
      startFrom: 'fridge',
      vessel: 0,
      addAtMinutes: 10,
      leavesWhenDone: false,
      skinDown: false,
      goal: { core: { value: 80, unit: 'celsius' }, holdSeconds: 0 },
    },
  ],
  vegetables: [
    {
      id: 2,
      kind: 'carrot',
      cut: 'coin',
      size: { value: 20, unit: 'millimetre' },
      amount: { value: 300, unit: 'gram' },
      place: 'around',
      vessel: 0,
      addAtMinutes: 0,
      leavesWhenDone: false,
      goal: 'tender',
    },
  ],
  vessels: [{ kind: 'halfSheet', width: null, depth: null, rack: false, parchment: false, waterMl: 0 }],
  steps: [
    { kind: 'lower', atMinutes: 12, setting: { value: 175, unit: 'celsius' }, forMinutes: null },
    { kind: 'turn', atMinutes: 20, setting: null, forMinutes: null },
  ],
  spots: [{ lot: 1, index: 0, vessel: 0, xMm: 60, yMm: 60, angleDegrees: 45, isPinned: true }],
  ovenMode: 'still',
  ovenSetting: { value: 205, unit: 'celsius' },
  profile: 'unitedStates',
  restMinutes: 5,
  eatAt: null,
};
const choices = {
  cuts: [
    {
      cut: 'boneInThigh',
      name: 'bone-in thigh',
      plural: 'bone-in thighs',
      usualMassG: 165,
      usualCount: 6,
      isDark: true,
    },
  ],
  vegetables: [{ kind: 'carrot', name: 'carrots', usualCut: 'coin', cuts: [{ cut: 'coin', usualMm: 20 }] }],
  profiles: [{ id: 'unitedStates', name: 'United States' }],
} as unknown as components['schemas']['ChoicesView'];
const now = new Date(2026, 10, 26, 17, 0).getTime();

test('a plan survives being edited and sent back', () => {
  const eatAt = new Date(2026, 10, 27, 18, 30).toISOString();
  const sent = requestFrom(draftFrom({ ...plan, eatAt }, false, now), now);
  expect({ ...sent, eatAt: new Date(sent.eatAt ?? 0).toISOString() }).toMatchObject({
    ...plan,
    eatAt,
    vessels: [{ kind: 'halfSheet', rack: false, parchment: false, waterMl: 0 }],
    steps: [
      { kind: 'lower', atMinutes: 12, setting: { value: 175 } },
      { kind: 'turn', atMinutes: 20 },
    ],
  });
});

test('a logged plan is told in the units it was typed in', () => {
  const [lot] = plan.chicken;
  if (!lot) throw new Error('There is a lot.');
  const typed: TrayPlan = {
    ...plan,
    chicken: [
      {
        ...lot,
        sizes: { basis: 'piece', count: 1, mass: { value: 0.8, unit: 'pound' }, spreadPercent: 0, each: [] },
        height: { value: 1.5, unit: 'inch' },
      },
    ],
  };
  expect(planWords(typed, choices)).toBe(
    '1 bone-in thigh, skin on, 0.8 lb each, 1.5 in tall, from the fridge, to 80 °C; 300 g of carrots in 20 mm slices; still oven at 205 °C; United States rule.',
  );
  expect(lotWords(plan, choices)).toBe('6 bone-in thighs with carrots');
});

test('lots come as usual, get numbers of their own, and a pack grows with its pieces', () => {
  const draft = draftFrom(plan, false, now);
  const [cut] = choices.cuts;
  const [vegetable] = choices.vegetables;
  if (!cut || !vegetable) throw new Error('There are choices.');
  const fuller = withVegetable(withChicken(draft, cut), vegetable);
  expect(lotIds(fuller)).toEqual([1, 3, 2, 4]);
  expect(fuller.chicken[1]).toMatchObject({ count: '6', mass: '990', skinOn: true });
  expect(fuller.vegetables[1]).toMatchObject({ size: '20', cut: 'coin' });
  expect(withoutLot(fuller, 1).chicken.map((lot) => lot.id)).toEqual([3]);
  const [lot] = draft.chicken;
  if (!lot) throw new Error('There is a lot.');
  expect(withCount(lot, '7')).toEqual({ count: '7', mass: '1155' });
  expect(withCount({ ...lot, basis: 'piece' }, '7')).toEqual({ count: '7' });
  expect(withCount(lot, 'six')).toEqual({ count: 'six' });
  expect(withBasis(lot, 'piece')).toEqual({ basis: 'piece', mass: '165' });
  expect(withBasis({ ...lot, basis: 'piece', mass: '165' }, 'pack')).toEqual({ basis: 'pack', mass: '990' });
  expect(withBasis({ ...lot, count: 'six' }, 'piece')).toEqual({ basis: 'piece' });
  expect(withBasis(lot, 'height')).toEqual({ basis: 'height' });
  expect(withBasis({ ...lot, basis: 'height' }, 'piece')).toEqual({ basis: 'piece', mass: '165' });
});

test('a second tray takes the vegetables, and one tray takes everything back', () => {
  const two = withSecondTray(draftFrom(plan, false, now));
  expect(two.vessels).toHaveLength(2);
  expect(two.vegetables[0]?.vessel).toBe(1);
  const one = withOneTray({
    ...two,
    steps: [...two.steps, { kind: 'swap', at: '5', setting: '', forMinutes: '', shelf: 'topThird', vessel: 0 }],
  });
  expect(one.vessels).toHaveLength(1);
  expect(one.vegetables[0]?.vessel).toBe(0);
  expect(one.steps.some((step) => step.kind === 'swap')).toBe(false);
});

test('without vegetables a second tray takes half of the chicken', () => {
  const draft = { ...draftFrom(plan, false, now), vegetables: [] };
  const [lot] = draft.chicken;
  if (!lot) throw new Error('There is a lot.');
  const pieces = (of: typeof draft) =>
    withSecondTray(of).chicken.map(({ id, count, mass, vessel }) => [id, count, mass, vessel]);
  const seven = { ...draft, chicken: [{ ...lot, count: '7', mass: '1155' }] };
  expect(pieces(seven)).toEqual([
    [1, '4', '660', 0],
    [2, '3', '495', 1],
  ]);
  expect(pieces({ ...draft, chicken: [{ ...lot, count: '1' }] })).toEqual([[1, '1', '990', 0]]);
  expect(pieces({ ...seven, chicken: [lot, { ...lot, id: 5 }] }).map(([, , , vessel]) => vessel)).toEqual([0, 1]);
  const each = { ...draft, chicken: [{ ...lot, basis: 'eachPiece' as const, each: '240 230 130' }] };
  expect(withSecondTray(each).chicken.map((half) => half.each)).toEqual(['240 230', '130']);
});

test('one vegetable on a tray of its own leaves the others where they lie', () => {
  const draft = draftFrom(plan, false, now);
  const [lot] = draft.vegetables;
  if (!lot) throw new Error('There is a vegetable.');
  const under = { ...lot, id: 7, place: 'under' as const };
  const two = withOwnTray({ ...draft, vegetables: [under, lot] }, lot.id);
  expect(two.vessels).toHaveLength(2);
  expect(two.vegetables).toEqual([under, { ...lot, vessel: 1, place: 'around' }]);
});

test('masses of single pieces are read one after the other, with comma or point', () => {
  const [lot] = draftFrom(plan, false, now).chicken;
  if (!lot) throw new Error('There is a lot.');
  const draft = {
    ...draftFrom(plan, false, now),
    chicken: [{ ...lot, basis: 'eachPiece' as const, each: '240, 230; 1,3 x' }],
  };
  expect(requestFrom(draft, now).chicken?.[0]?.sizes?.each?.map((mass) => mass.value)).toEqual([240, 230, 1.3, null]);
});

test('what a step does and what a proposal costs is said in words', () => {
  const effect = { kind: 'baste' as const, times: 3, minutesAdded: 4.2, browningAdded: -0.3, browningUnderAdded: 0 };
  expect(effectWords(effect)).toBe('Baste, 3 times: adds 4 min; the top browns less.');
  expect(effectWords({ ...effect, times: 1, minutesAdded: 0.1, browningAdded: 0 })).toBe(
    'Baste: hardly changes time or colour.',
  );
  expect(costWords({ doorOpeningsMore: 1, minutesMore: 8, browningMore: -0.3 })).toBe(
    'Costs: the door 1 time more, dinner 8 min later, skin a little paler.',
  );
});

test('a brush has a last moment, or none', () => {
  const clock = (minutes: number) => `17:${minutes}`;
  expect(brushWords(31, clock)).toContain('17:31');
  expect(brushWords(null, clock)).toMatch(/would not get hot enough/);
});

test('text that is no number or no time is left for the server to refuse', () => {
  const draft = {
    ...draftFrom(plan, false, now),
    chicken: draftFrom(plan, false, now).chicken.map((lot) => ({ ...lot, mass: 'heavy', count: '2.5' })),
    dinner: 'today' as const,
    dinnerTime: '25:99',
  };
  expect(requestFrom(draft, now)).toMatchObject({
    chicken: [{ sizes: { mass: { value: null }, count: null } }],
    eatAt: '25:99',
  });
});

test('a plan is typed over in the units of the kitchen, whatever it was typed in', () => {
  const inches = { temperature: 'fahrenheit', mass: 'ounce', length: 'inch' } as const;
  const draft = draftFrom(plan, false, now, inches);
  expect([draft.oven, draft.chicken[0]?.goal, draft.steps[0]?.setting]).toEqual(['400', '176', '345']);
  expect([draft.chicken[0]?.mass, draft.vegetables[0]?.size, draft.vegetables[0]?.amount]).toEqual([
    '34.9',
    '0.81',
    '10.6',
  ]);
  const sent = requestFrom(draft, now);
  expect(sent.ovenSetting).toEqual({ value: 400, unit: 'fahrenheit' });
  expect(sent.chicken?.[0]?.sizes?.mass).toEqual({ value: 34.9, unit: 'ounce' });
  // The same units: the same numbers, to the last digit.
  expect(
    draftFrom(plan, false, now, { temperature: 'celsius', mass: 'gram', length: 'millimetre' }).chicken[0]?.mass,
  ).toBe('990');
});

test('a refused request says its sentence at the field', () => {
  const problem = Problem.from(400, { title: 'No.', errors: { 'mass.value': ['Too light.'] }, earliestEatAt: 'x' });
  expect(problem.at('mass')).toBe('Too light.');
  expect(problem.at('count')).toBeUndefined();
  expect(Problem.from(500, 'html').message).toMatch(/try again/i);
});

test('another rule raises goals that are below it, but where the rule is about holding lower ones', () => {
  const lean = withChicken(draftFrom(plan, false, now), {
    cut: 'tender',
    isDark: false,
    usualMassG: 50,
    usualCount: 12,
  } as never);
  const goals = (id: string, aimC: number) => withProfile(lean, { id, aimC } as never).chicken.map((lot) => lot.goal);
  expect(lean.chicken.map((lot) => lot.goal)).toEqual(['80', '74']);
  expect(goals('unitedKingdom', 75)).toEqual(['80', '75']);
  expect(goals('timeAndTemperature', 75)).toEqual(['80', '74']);
});

test('the keypad writes one number', () => {
  expect(['7', '4', '.', '.', '5'].reduce(press, '')).toBe('74.5');
  expect(press('74', 'back')).toBe('7');
  expect(press('', '.')).toBe('0.');
  expect(press('123456', '7')).toBe('123456');
});

type Verdict = 'serve' | 'restThenCheck' | 'backIn' | 'measure' | 'cannotTell';
const bake = (verdict: Verdict, place: 'oven' | 'worktop', nextInMinutes: number | null, minutesToGoal?: number) =>
  ({
    plan,
    place,
    acts: [],
    next: [],
    lots: [
      {
        lot: 1,
        isChicken: true,
        place,
        goalAt: null,
        pieces: [1, 2, 3].map((piece) => ({ piece, name: `thigh ${piece}` })),
        verdict: { minutesToGoal: minutesToGoal ?? null },
      },
    ],
    verdict: {
      kind: verdict,
      measureNext: [{ lot: 1, piece: 2, name: 'thigh 2', why: 'the slowest' }],
      nextCheckAt: nextInMinutes === null ? null : new Date(now + nextInMinutes * 60_000).toISOString(),
    },
  }) as unknown as WholeBake;

test.each([
  ['measure', 'oven', 12, 'Leave it in'],
  ['measure', 'oven', -1, 'Measure it now'],
  ['measure', 'worktop', 12, 'Measure it now'],
  ['serve', 'worktop', null, 'Serve'],
  ['serve', 'oven', null, 'Serve'],
  ['restThenCheck', 'oven', 3, 'Take it out to rest'],
  ['restThenCheck', 'worktop', 3, 'Let it rest'],
  ['restThenCheck', 'worktop', -1, 'Measure it now'],
  ['backIn', 'worktop', 5, 'Put it back in'],
  ['backIn', 'oven', 5, 'Leave it in'],
  ['cannotTell', 'oven', null, 'Measure again'],
] as const)('with %s, tray on the %s, next check in %s min: %s', (verdict, place, next, words) => {
  expect(instructionFor(bake(verdict, place, next), now).act).toBe(words);
});

test('what is safe before it is as the cook likes it is first called safe', () => {
  expect(instructionFor(bake('serve', 'oven', null, 2.4), now)).toMatchObject({
    act: 'Safe',
    when: '3 min more for your 80 °C',
  });
});

const act = (kind: string, title: string, inMinutes: number, more = {}) =>
  ({
    kind,
    title,
    dueAt: new Date(now + inMinutes * 60_000).toISOString(),
    isExpected: false,
    act: null,
    lot: null,
    ...more,
  }) as NextAct;

test('what hands have to do is on top from its time on, however late, and says how late', () => {
  const turning = (inMinutes: number) => ({
    ...bake('measure', 'oven', 12),
    next: [act('tend', 'Turn the pieces', inMinutes, { act: 0 }), act('measure', 'Measure thigh 2', 12)],
  });
  expect(instructionFor(turning(1), now)).toMatchObject({ act: 'Leave it in', hands: null, due: false });
  expect(instructionFor(turning(0.2), now)).toMatchObject({ act: 'Turn the pieces', when: 'now', due: true });
  expect(instructionFor(turning(-0.9), now).when).toBe('now');
  expect(instructionFor(turning(-4.2), now).when).toMatch(/^4 min late, was due /);
  expect(instructionFor(turning(-4.2), now).ahead.map((next) => next.title)).toEqual(['Measure thigh 2']);
});

test('a look that was due before comes before the act, and what may be served comes before all', () => {
  const next = [act('tend', 'Baste', -1, { act: 0 })];
  expect(instructionFor({ ...bake('measure', 'oven', -2), next }, now).act).toBe('Measure it now');
  // It hides nothing that hands have to do meanwhile.
  expect(instructionFor({ ...bake('measure', 'oven', -2), next }, now).hands?.title).toBe('Baste');
  expect(instructionFor({ ...bake('measure', 'oven', -0.5), next }, now).act).toBe('Baste');
  expect(instructionFor({ ...bake('serve', 'oven', null), next }, now).act).toBe('Serve');
  expect(instructionFor({ ...bake('restThenCheck', 'oven', 3), next }, now).act).toBe('Take it out to rest');
  expect(instructionFor({ ...bake('backIn', 'worktop', 5), next }, now).act).toBe('Put it back in');
  expect(instructionFor({ ...bake('backIn', 'oven', 5), next }, now).act).toBe('Baste');
});

test('three things are told ahead; what is only expected says about', () => {
  const next = [
    act('measure', 'Measure thigh 2', -1),
    act('tend', 'Baste', 3),
    act('takeOut', 'Take it out', 9, { isExpected: true }),
    act('eat', 'Eat', 14, { isExpected: true }),
    act('takeFoodOut', 'Take the wings out', 20),
  ];
  const { ahead } = instructionFor({ ...bake('measure', 'oven', -1), next }, now);
  expect(ahead.map((one) => one.title)).toEqual(['Baste', 'Take it out', 'Eat']);
  expect(ahead.map((one) => actTime(one, now).split(' ')[0])).toEqual([sayClock(now + 3 * 60_000), 'about', 'about']);
  expect(actTime(act('tend', 'Baste', -2), now)).toMatch(/^since /);
});

test('an alarm that nobody touches gets louder, and never louder than that', () => {
  const gains = [0, 1, 2, 9, 99].map((times) => ringNotes(times)[0]?.gain ?? 0);
  expect(gains).toEqual([...gains].sort((a, b) => a - b));
  expect(gains[0]).toBeGreaterThan(0.05);
  expect(gains[0]).toBeLessThan(0.2);
  expect(gains.at(-1)).toBe(0.9);
  const notes = ringNotes(0);
  expect(notes).toHaveLength(6);
  expect(new Set(notes.map((note) => note.hertz)).size).toBe(2);
  expect(
    notes.every((note, n) => n === 0 || note.atS >= (notes[n - 1]?.atS ?? 0) + (notes[n - 1]?.forS ?? 0) - 1e-9),
  ).toBe(true);
});

test('pieces that are asked for come first, with their reason', () => {
  expect(piecesOf(bake('measure', 'oven', 0)).map((piece) => [piece.piece, piece.why])).toEqual([
    [2, 'the slowest'],
    [1, ''],
    [3, ''],
  ]);
});

test('what a thing done has moved is said in whole minutes, and nothing where nothing moved', () => {
  const lots = (thighs: string | null, potatoes: string) => ({
    lots: [
      { lot: 1, name: 'thighs', goalAt: thighs },
      { lot: 2, name: 'potatoes', goalAt: potatoes },
    ],
  });
  const before = goalsOf(lots('2026-11-26T17:00:00Z', '2026-11-26T17:10:00Z'));
  expect(sayMoved(before, lots('2026-11-26T17:02:10Z', '2026-11-26T17:08:50Z'))).toBe(
    'Thighs 2 min later, potatoes 1 min sooner.',
  );
  expect(sayMoved(before, lots('2026-11-26T17:00:20Z', '2026-11-26T17:10:00Z'))).toBe('');
  expect(sayMoved(before, lots(null, '2026-11-26T17:11:00Z'))).toBe('Potatoes 1 min later.');
});

test('a whole bird gives its parts by mass, and what has no room is left out in its own measure', () => {
  const draft = draftFrom(plan, false, now);
  const [thigh] = choices.cuts;
  if (!thigh) throw new Error('There are choices.');
  const bird = {
    usualMassG: 1800,
    leastMassG: 600,
    mostMassG: 4000,
    parts: [{ cut: thigh.cut, count: 2, massG: 0.3 }],
  };
  expect(withBird(draft, 2000, bird, choices.cuts).chicken.at(-1)).toMatchObject({
    count: '2',
    mass: '600',
    basis: 'pack',
  });

  const placed = (lot: number, count: number) => Array.from({ length: count }, () => ({ spot: { lot } }));
  const layout = (left: { lot: number; pieces: number }[], pieces: { spot: { lot: number } }[]) =>
    ({ vessels: [{ pieces, leftOver: left }] }) as never;
  const pack = {
    ...draft,
    chicken: draft.chicken.map((lot) => ({ ...lot, basis: 'pack' as const, count: '6', mass: '990' })),
  };
  expect(withoutLeftOver(pack, layout([{ lot: 1, pieces: 2 }], placed(1, 4))).chicken[0]).toMatchObject({
    count: '4',
    mass: '660',
  });
  const each = {
    ...draft,
    chicken: draft.chicken.map((lot) => ({ ...lot, basis: 'eachPiece' as const, each: '180 170; 160' })),
  };
  expect(withoutLeftOver(each, layout([{ lot: 1, pieces: 1 }], placed(1, 2))).chicken[0]?.each).toBe('180 170');
  const [carrots] = draft.vegetables;
  expect(
    withoutLeftOver(draft, layout([{ lot: carrots?.id ?? 0, pieces: 5 }], placed(carrots?.id ?? 0, 10))).vegetables[0]
      ?.amount,
  ).toBe('200');
  expect(withoutLeftOver(draft, layout([{ lot: carrots?.id ?? 0, pieces: 5 }], [])).vegetables).toEqual([]);
  expect(
    withoutLeftOver(draft, layout([{ lot: carrots?.id ?? 0, pieces: 8 }], placed(carrots?.id ?? 0, 3))).vegetables,
  ).toEqual([]);
  expect(
    withoutLeftOver(draft, layout([{ lot: carrots?.id ?? 0, pieces: 7 }], placed(carrots?.id ?? 0, 3))).vegetables[0]
      ?.amount,
  ).toBe('90');
});
