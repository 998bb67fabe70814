import { expect, test } from 'vitest';
import type { components } from '../../api/schema';
import type { RunningMarinade, TrayPlan, TrayView, VegetableChoice } from '../../api/types';
import { listed } from '../../words/food';
import { TrayNames } from '../../words/trayNames';
import { withOwnTray, withSecondTray, withStep, withVegetable } from './draft/changes';
import { draftFrom } from './draft/draftFrom';
import { requestFrom } from './draft/requestFrom';
import type { TrayDraft, VesselDraft } from './draft/trayDraft';
import { earlyStart } from './earlyStart';
import { railSpan } from './TrayRail';
import { bandWords } from './views/Headline';
import { crowdingWords } from './views/PictureView';
import { costWords } from './views/TogetherView';

const choices = {
  cuts: [
    { cut: 'boneInThigh', name: 'bone-in thigh', plural: 'bone-in thighs' },
    { cut: 'drumstick', name: 'drumstick', plural: 'drumsticks' },
  ],
  vegetables: [{ kind: 'potato', name: 'potatoes', tenderCookMinutes: 25 }],
} as unknown as components['schemas']['ChoicesView'];
const plan = {
  chicken: [{ id: 1, cut: 'boneInThigh' }],
  vegetables: [{ id: 2, kind: 'potato' }],
} as unknown as TrayPlan;
const names = new TrayNames(choices);

test('lots are called what cooks call them, one or many', () => {
  expect(names.of(plan, 1)).toBe('bone-in thighs');
  expect(names.one(plan, 1)).toBe('bone-in thigh');
  expect(names.of(plan, 2)).toBe('potatoes');
  expect(names.one(plan, 2)).toBe('potatoes');
  expect(names.of(plan, 9)).toBe('');
  expect(names.chicken({ cut: 'drumstick' }, 1)).toBe('drumstick');
  expect(names.chicken({ cut: 'tender' }, 3)).toBe('pieces');
  expect(names.tenderShare({ kind: 'potato' }, 12.5)).toBe(0.5);
});

test('names are listed as one says them', () => {
  expect(listed([])).toBe('');
  expect(listed(['potatoes'])).toBe('potatoes');
  expect(listed(['potatoes', 'carrots'])).toBe('potatoes and carrots');
  expect(listed(['a', 'b', 'c'])).toBe('a, b and c');
});

const view = (vessel: object, crowding: object | null) =>
  ({ answer: { layout: { vessels: [vessel] }, crowding } }) as unknown as TrayView;

test('a roomy tray says nothing, a full one what it costs and whether a second is better', () => {
  expect(crowdingWords(view({ fullness: 'roomy', coverShare: 0.3, isAfresh: false }, null))).toEqual([]);
  const crowded = { fullness: 'crowded', coverShare: 0.66, isAfresh: false };
  expect(crowdingWords(view(crowded, { minutesAdded: 4.2, browningLost: 0.4, secondTraySaves: 2.6 }))).toEqual([
    'The tray is crowded, which costs 4 min and leaves it paler. A second tray would be 3 min quicker.',
  ]);
  expect(crowdingWords(view(crowded, { minutesAdded: 0.2, browningLost: 0, secondTraySaves: -1 }))).toEqual([
    'The tray is crowded, which costs hardly any time. A second tray would not be quicker.',
  ]);
  expect(crowdingWords(view({ fullness: 'roomy', coverShare: 0.4, isAfresh: true }, null))).toEqual([
    'There was only room after laying everything afresh.',
  ]);
  expect(crowdingWords({ answer: null })).toEqual([]);
});

test('the rail runs from the oven going on to dinner, the oven to the last lot out', () => {
  const timing = {
    ovenOnAt: '2026-11-26T16:45:00Z',
    inAt: '2026-11-26T17:00:00Z',
    outAt: '2026-11-26T17:33:00Z',
    eatAt: '2026-11-26T17:45:00Z',
  };
  const answer = { timing, forecast: { lots: [{ outMinutes: 33 }, { outMinutes: 45 }] } };
  const span = railSpan({ answer } as unknown as TrayView);
  expect(span?.lastOutAt).toBe(Date.parse('2026-11-26T17:45:00Z'));
  expect(span?.inAt).toBe(Date.parse(timing.inAt));
  expect(railSpan({ answer: null } as unknown as TrayView)).toBeNull();
});

test('a band is said as give or take', () => {
  expect(bandWords({ lowMinutes: 27.2, medianMinutes: 31.6, highMinutes: 37 })).toBe('32 min, give or take 5');
});

test.each([
  [
    { doorOpeningsMore: 0, minutesMore: 0.4, browningMore: 0.1 },
    'no more door openings, dinner at the same time, the same colour',
  ],
  [
    { doorOpeningsMore: -2, minutesMore: -5, browningMore: 1 },
    'the door 2 times less, dinner 5 min sooner, skin browner',
  ],
  [
    { doorOpeningsMore: 1, minutesMore: 12, browningMore: -0.3 },
    'the door 1 time more, dinner 12 min later, skin a little paler',
  ],
])('what a proposal costs: %j', (proposal, words) => {
  expect(costWords(proposal)).toBe(`Costs: ${words}.`);
});

test('a vegetable under the chicken, a step and a custom dish go to the server as they were typed', () => {
  const draft = {
    ...draftFrom(
      {
        name: 'x',
        chicken: [],
        vegetables: [],
        vessels: [],
        steps: [],
        spots: [],
        ovenMode: 'fan',
        ovenSetting: { value: 400, unit: 'fahrenheit' },
        profile: 'canada',
        restMinutes: 8,
        eatAt: null,
      },
      false,
      0,
    ),
    steps: [
      { kind: 'lower', at: '12', setting: '350', forMinutes: '', shelf: 'topThird', vessel: 0 },
      { kind: 'grill', at: 'x', setting: '', forMinutes: '4', shelf: 'middle', vessel: 0 },
    ] as const,
    vessels: [
      {
        kind: 'custom',
        rack: true,
        parchment: false,
        width: '13',
        depth: '9,5',
        sideUnit: 'inch',
        water: '250',
        waterUnit: 'millilitre',
        shelf: 'low',
        madeOf: 'usual',
        panBeneath: false,
      },
    ] as const,
  };
  const sent = requestFrom(draft, 0);
  expect(sent.ovenSetting).toEqual({ value: 400, unit: 'fahrenheit' });
  expect(sent.steps).toMatchObject([
    { kind: 'lower', atMinutes: 12, setting: { value: 350, unit: 'fahrenheit' } },
    { kind: 'grill', atMinutes: null, setting: null, forMinutes: 4, shelf: 'middle' },
  ]);
  expect(sent.vessels).toMatchObject([
    {
      kind: 'custom',
      rack: true,
      waterMl: 250,
      shelf: 'low',
      madeOf: null,
      width: { value: 13, unit: 'inch' },
      depth: { value: 9.5 },
    },
  ]);
  expect(sent.eatAt).toBeNull();
  expect(sent.ovenAtStart).toBeNull();
  // Typed with its unit, it is as hot as was meant.
  const inCelsius = { ...draft, ovenStart: 'at' as const, ovenStartAt: '150 °C' };
  expect(requestFrom(inCelsius, 0).ovenAtStart).toEqual({ value: 302, unit: 'fahrenheit' });
  expect(requestFrom({ ...draft, ovenStart: 'cold' }, 0).ovenAtStart).toEqual({ value: 70, unit: 'fahrenheit' });
  expect(requestFrom({ ...draft, ovenStart: 'at', ovenStartAt: '300' }, 0).ovenAtStart).toEqual({
    value: 300,
    unit: 'fahrenheit',
  });
});

test('a vegetable joins the heap and the tray of the one before it, and never a bed or a scattering', () => {
  const potato = { kind: 'potato', usualCut: 'cube', cuts: [] } as unknown as VegetableChoice;
  const after = (part: object) => {
    const first = withVegetable(
      { chicken: [], vegetables: [], lengthUnit: 'millimetre', massUnit: 'gram' } as never,
      potato,
    );
    const lot = first.vegetables[0];
    if (!lot) throw new Error('nothing was added');
    const { place, layers, vessel } =
      withVegetable({ ...first, vegetables: [{ ...lot, ...part }] }, potato).vegetables[1] ?? {};
    return [place, layers, vessel];
  };
  expect(after({})).toEqual(['around', '1', 0]);
  expect(after({ layers: '2' })).toEqual(['around', '2', 0]);
  expect(after({ vessel: 1 })).toEqual(['around', '1', 1]);
  expect(after({ place: 'under', layers: '3', vessel: 1 })).toEqual(['around', '1', 0]);
  expect(after({ place: 'onTop', layers: '2' })).toEqual(['around', '1', 0]);
});

test('a second tray is the household’s own where it has one', () => {
  const draft = {
    vessels: [],
    chicken: [],
    vegetables: [{ id: 2, vessel: 0 }],
    lengthUnit: 'millimetre',
    massUnit: 'gram',
  };
  const dish = { kind: 'dish' } as VesselDraft;
  const kinds = (after: TrayDraft) => [after.vessels.map((vessel) => vessel.kind), after.vegetables[0]?.vessel];
  expect(kinds(withSecondTray(draft as never, dish))).toEqual([['halfSheet', 'dish'], 1]);
  expect(kinds(withOwnTray(draft as never, 2, dish))).toEqual([['halfSheet', 'dish'], 1]);
  expect(kinds(withOwnTray(draft as never, 2))).toEqual([['halfSheet', 'halfSheet'], 1]);
});

test('foil that comes off later takes along what was to be done once it is off, and nothing else', () => {
  const step = (kind: string, at: string) => ({ kind, at, setting: '', forMinutes: '', shelf: 'topThird', vessel: 0 });
  const steps = [
    step('turn', '5'),
    step('cover', '10'),
    step('look', '20'),
    step('uncover', '40'),
    step('turn', '40'),
    step('baste', '59'),
    step('grill', '60'),
  ];
  const after = (n: number, part: object) =>
    withStep({ steps } as unknown as TrayDraft, n, part)
      .steps.map((each) => each.at)
      .join(' ');
  expect(after(3, { at: '60' })).toBe('5 10 20 60 60 60 60');
  expect(after(3, { at: '59' })).toBe('5 10 20 59 59 59 60');
  // While it is typed, and where it is wrong, the others stay.
  expect(after(3, { at: '6' })).toBe('5 10 20 6 40 59 60');
  expect(after(3, { at: '' })).toBe('5 10 20  40 59 60');
  expect(after(3, { at: '30' })).toBe('5 10 20 30 40 59 60');
  expect(after(0, { at: '70' })).toBe('70 10 20 40 40 59 60');
});

test('a tray that goes in much sooner than planned, or before its marinade is done, is asked about', () => {
  const nowMs = Date.parse('2026-11-26T17:08:00Z');
  const planned = (inAt: string, eatAt: string | null, more = {}) =>
    ({
      plan: { name: 'Friday', eatAt },
      answer: { timing: { inAt, eatAt: '2026-11-26T18:40:00Z' } },
      eatAtHasPassed: false,
      ...more,
    }) as unknown as TrayView;
  const dinner = '2026-11-26T18:40:00Z';
  expect(earlyStart(planned('2026-11-26T17:45:00Z', dinner), [], nowMs).minutes).toBe(37);
  expect(earlyStart(planned('2026-11-26T17:13:00Z', dinner), [], nowMs).minutes).toBe(0);
  expect(earlyStart(planned('2026-11-26T17:14:00Z', dinner), [], nowMs).minutes).toBe(6);
  expect(earlyStart(planned('2026-11-26T16:45:00Z', dinner), [], nowMs).minutes).toBe(0);
  // Nobody set a dinner time, or it has passed: nothing is too soon.
  expect(earlyStart(planned('2026-11-26T17:45:00Z', null), [], nowMs).minutes).toBe(0);
  expect(earlyStart(planned('2026-11-26T17:45:00Z', dinner, { eatAtHasPassed: true }), [], nowMs).minutes).toBe(0);
  const marinade = (trayName: string, readyAt: string) =>
    ({ trayName, mixName: 'Yogurt', times: { readyAt } }) as unknown as RunningMarinade;
  const running = [
    marinade('Friday', '2026-11-26T17:30:00Z'),
    marinade('Friday', '2026-11-26T17:00:00Z'),
    marinade('Sunday', '2026-11-26T19:00:00Z'),
  ];
  expect(earlyStart(planned('2026-11-26T17:08:00Z', null), running, nowMs).marinades).toEqual([
    { mixName: 'Yogurt', fromAt: '2026-11-26T17:30:00Z' },
  ]);
});
