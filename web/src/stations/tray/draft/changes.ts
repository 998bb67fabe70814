import type {
  BirdChoice,
  CutChoice,
  ProfileChoice,
  Spot,
  TemperatureUnit,
  TrayLayout,
  VegetableChoice,
} from '../../../api/types';
import { parseNumber, sayNumber } from '../../../words/numbers';
import { inUnit } from '../../../words/temperatures';
import { lengthIn, massIn, parseMass, volumeUnitOf } from '../../../words/units';
import type { ChickenDraft, StepDraft, TrayDraft, VegetableDraft, VesselDraft } from './trayDraft';

/** Changes to a draft: each takes one and gives another. */

const FIRST_VEGETABLE_G = 300;

const plainSheet = (draft: TrayDraft): VesselDraft => ({
  kind: 'halfSheet',
  rack: false,
  parchment: false,
  width: sayNumber(lengthIn(400, 'millimetre', draft.lengthUnit)),
  depth: sayNumber(lengthIn(300, 'millimetre', draft.lengthUnit)),
  sideUnit: draft.lengthUnit,
  shelf: 'usual',
  madeOf: 'usual',
  panBeneath: false,
  water: '0',
  waterUnit: volumeUnitOf({ mass: draft.massUnit }),
});

export const lotIds = (draft: TrayDraft) => [...draft.chicken, ...draft.vegetables].map((lot) => lot.id);

const nextId = (draft: TrayDraft) => Math.max(0, ...lotIds(draft)) + 1;

/** The server's own defaults, so that a new lot shows what it will be. */
export const usualGoal = (isDark: boolean, unit: TemperatureUnit) =>
  unit === 'celsius' ? (isDark ? '80' : '74') : isDark ? '176' : '165';

/** Another rule: goals below what it aims at go up to it, but where the rule is about holding lower ones. */
export function withProfile(draft: TrayDraft, profile: ProfileChoice): TrayDraft {
  const aim = Math.ceil(inUnit(profile.aimC, draft.unit) - 0.25);
  const raised = (lot: ChickenDraft) => {
    const goal = parseNumber(lot.goal);
    return goal !== null && goal < aim ? { ...lot, goal: String(aim), hold: '0' } : lot;
  };
  return {
    ...draft,
    profile: profile.id,
    chicken: profile.id === 'timeAndTemperature' ? draft.chicken : draft.chicken.map(raised),
  };
}

/** What one lot of chicken has on it, on all of them; what cannot be on one of them is said there. */
export const withCoatsOfAll = (draft: TrayDraft, coats: ChickenDraft['coats']): TrayDraft => ({
  ...draft,
  chicken: draft.chicken.map((lot) => ({ ...lot, coats })),
});

/** Pieces of one cut as they usually come. */
export function withChicken(draft: TrayDraft, cut: CutChoice): TrayDraft {
  const lot: ChickenDraft = {
    id: nextId(draft),
    cut: cut.cut,
    skinOn: cut.isDark || cut.cut === 'boneInBreast',
    partlySkinned: false,
    nestled: false,
    filling: '',
    sear: '',
    pan: 'castIron',
    coats: [],
    startFrom: 'fridge',
    vessel: 0,
    leavesWhenDone: false,
    skinDown: false,
    basis: 'pack',
    count: String(cut.usualCount),
    mass: sayNumber(massIn(cut.usualCount * cut.usualMassG, 'gram', draft.massUnit)),
    massUnit: draft.massUnit,
    spread: '0',
    each: '',
    height: '',
    heightUnit: draft.lengthUnit,
    addAt: '0',
    goal: usualGoal(cut.isDark, draft.unit),
    hold: '0',
  };
  return { ...draft, chicken: [...draft.chicken, lot] };
}

/** A whole bird cut up: its parts with what a bird of this mass gives of each. */
export function withBird(draft: TrayDraft, massG: number, bird: BirdChoice, cuts: readonly CutChoice[]): TrayDraft {
  return bird.parts.reduce((grown, part) => {
    const cut = cuts.find((choice) => choice.cut === part.cut);
    if (!cut) return grown;
    const added = withChicken(grown, cut);
    const id = added.chicken.at(-1)?.id ?? 0;
    return withChickenLot(added, id, {
      count: String(part.count),
      mass: sayNumber(massIn(Math.round(part.massG * massG), 'gram', draft.massUnit)),
    });
  }, draft);
}

/** Of a vegetable less than this is not worth a pan to wash: it is left out whole. */
const LEAST_SHARE = 0.3;

/** Only what lies side by side: what had no room is put away for another day. */
export function withoutLeftOver(draft: TrayDraft, layout: TrayLayout): TrayDraft {
  const laid = (id: number) =>
    layout.vessels.flatMap((vessel) => vessel.pieces).filter((piece) => piece.spot.lot === id).length;
  return layout.vessels
    .flatMap((vessel) => vessel.leftOver)
    .reduce((less, { lot: id, pieces }) => {
      const share = laid(id) / (laid(id) + pieces);
      if (share === 0) return withoutLot(less, id);
      const chicken = less.chicken.find((lot) => lot.id === id);
      if (chicken) return withChickenLot(less, id, fewer(chicken, laid(id)));
      const vegetable = less.vegetables.find((lot) => lot.id === id);
      if (share < LEAST_SHARE) return withoutLot(less, id);
      const amount = vegetable && parseMass(vegetable.amount, vegetable.amountUnit);
      return amount ? withVegetableLot(less, id, { amount: sayNumber(Math.floor(amount * share)) }) : less;
    }, draft);
}

function fewer(lot: ChickenDraft, count: number): Partial<ChickenDraft> {
  return lot.basis === 'eachPiece'
    ? {
        each: lot.each
          .split(/[;\s]+/)
          .filter(Boolean)
          .slice(0, count)
          .join(' '),
      }
    : withCount(lot, String(count));
}

/** A vegetable as it is usually cut. It joins the heap, and the tray, of the one that was added before it; under the chicken, or on it, is only what is put there. */
export function withVegetable(draft: TrayDraft, choice: VegetableChoice): TrayDraft {
  const before = draft.vegetables.at(-1);
  const beside = before?.place === 'around' ? before : undefined;
  const lot: VegetableDraft = {
    id: nextId(draft),
    kind: choice.kind,
    cut: choice.usualCut,
    place: 'around',
    layers: beside?.layers ?? '1',
    vessel: beside?.vessel ?? 0,
    leavesWhenDone: false,
    goal: 'tender',
    size: sayNumber(
      lengthIn(choice.cuts.find((cut) => cut.cut === choice.usualCut)?.usualMm ?? 25, 'millimetre', draft.lengthUnit),
    ),
    sizeUnit: draft.lengthUnit,
    amount: sayNumber(massIn(FIRST_VEGETABLE_G, 'gram', draft.massUnit)),
    amountUnit: draft.massUnit,
    addAt: '0',
  };
  return { ...draft, vegetables: [...draft.vegetables, lot] };
}

export const withChickenLot = (draft: TrayDraft, id: number, part: Partial<ChickenDraft>): TrayDraft => ({
  ...draft,
  chicken: draft.chicken.map((lot) => (lot.id === id ? { ...lot, ...part } : lot)),
});

export const withVegetableLot = (draft: TrayDraft, id: number, part: Partial<VegetableDraft>): TrayDraft => ({
  ...draft,
  vegetables: draft.vegetables.map((lot) => (lot.id === id ? { ...lot, ...part } : lot)),
});

/** One piece more or fewer; a pack grows and shrinks with its pieces. */
export function withCount(lot: ChickenDraft, text: string): Partial<ChickenDraft> {
  const [before, after, mass] = [parseNumber(lot.count), parseNumber(text), parseMass(lot.mass, lot.massUnit)];
  const scales = lot.basis === 'pack' && before && after && mass;
  return { count: text, ...(scales ? { mass: String(Math.round((100 * mass * after) / before) / 100) } : {}) };
}

/** Weighed another way, the same meat: the mass is that of one piece where one is weighed, else that of all. */
export function withBasis(lot: ChickenDraft, basis: ChickenDraft['basis']): Partial<ChickenDraft> {
  const [count, mass] = [parseNumber(lot.count), parseMass(lot.mass, lot.massUnit)];
  const [wasOne, isOne] = [lot.basis === 'piece', basis === 'piece'];
  if (!count || !mass || wasOne === isOne) return { basis };
  return { basis, mass: String(Math.round(100 * (isOne ? mass / count : mass * count)) / 100) };
}

export const withoutLot = (draft: TrayDraft, id: number): TrayDraft => ({
  ...draft,
  chicken: draft.chicken.filter((lot) => lot.id !== id),
  vegetables: draft.vegetables.filter((lot) => lot.id !== id),
});

/** A second tray, and on it what leaves most room on the first: the vegetables; without any, half of the chicken. */
export function withSecondTray(draft: TrayDraft, second = plainSheet(draft)): TrayDraft {
  const two = withTwoTrays(draft, second);
  return draft.vegetables.length > 0
    ? { ...two, vegetables: draft.vegetables.map((lot) => ({ ...lot, vessel: 1, place: 'around' })) }
    : withChickenShared(two);
}

/** Half of the chicken on each of two trays: every other lot, or half of the only one. */
export const withChickenShared = (draft: TrayDraft): TrayDraft => ({
  ...draft,
  chicken:
    draft.chicken.length > 1
      ? draft.chicken.map((lot, i) => ({ ...lot, vessel: i % 2 }))
      : draft.chicken.flatMap((lot) => halves(lot, nextId(draft))),
});

/** A lot as two, the other half on the second tray; alone where there is nothing to share. */
function halves(lot: ChickenDraft, id: number): ChickenDraft[] {
  const each = lot.each.split(/[;\s]+/).filter(Boolean);
  const count = lot.basis === 'eachPiece' ? each.length : (parseNumber(lot.count) ?? 0);
  if (count < 2) return [lot];
  const first = Math.ceil(count / 2);
  const half = (from: number, until: number): ChickenDraft => ({
    ...lot,
    ...withCount(lot, String(until - from)),
    each: each.slice(from, until).join(' '),
  });
  return [half(0, first), { ...half(first, count), id, vessel: 1 }];
}

/** A second tray, and one vegetable on it; the others lie as they lay. */
export const withOwnTray = (draft: TrayDraft, id: number, second = plainSheet(draft)): TrayDraft =>
  withVegetableLot(withTwoTrays(draft, second), id, { vessel: 1, place: 'around' });

const withTwoTrays = (draft: TrayDraft, second: VesselDraft): TrayDraft => ({
  ...draft,
  vessels: [draft.vessels[0] ?? plainSheet(draft), draft.vessels[1] ?? second],
});

/** One tray, and everything on it. */
export const withOneTray = (draft: TrayDraft): TrayDraft => ({
  ...draft,
  vessels: draft.vessels.slice(0, 1),
  chicken: draft.chicken.map((lot) => ({ ...lot, vessel: 0 })),
  vegetables: draft.vegetables.map((lot) => ({ ...lot, vessel: 0 })),
  steps: draft.steps.filter((step) => step.kind !== 'swap'),
});

/** A piece laid by hand stays there. */
export const withSpot = (draft: TrayDraft, moved: Spot): TrayDraft => ({
  ...draft,
  spots: [...draft.spots.filter((spot) => spot.lot !== moved.lot || spot.index !== moved.index), moved],
});

/** A supper to try things on: thighs, potatoes and carrots as they usually come. */
export function sampleTray(
  draft: TrayDraft,
  { cuts, vegetables }: { cuts: readonly CutChoice[]; vegetables: readonly VegetableChoice[] },
): TrayDraft {
  const cut = cuts.find((choice) => choice.cut === 'boneInThigh');
  const roots = vegetables.filter(({ kind }) => kind === 'potato' || kind === 'carrot');
  return roots.reduce(withVegetable, cut ? withChicken(draft, cut) : draft);
}

const needsNoFoil = (step: StepDraft) => ['turn', 'baste', 'drain', 'grill'].includes(step.kind);

/** A step changed; foil that comes off later takes along what can only be done once it is off. */
export function withStep(draft: TrayDraft, n: number, part: Partial<StepDraft>): TrayDraft {
  const steps = draft.steps.map((step, i) => (i === n ? { ...step, ...part } : step));
  const off = steps[n];
  if (off?.kind !== 'uncover' || part.at === undefined) return { ...draft, steps };
  const minute = (step: StepDraft) => Number(step.at.trim() || Number.NaN);
  const on = steps.filter((step) => step.kind === 'cover' && minute(step) <= minute(off)).map(minute);
  const isUnder = (step: StepDraft) =>
    on.length > 0 && needsNoFoil(step) && minute(step) >= Math.max(...on) && minute(step) < minute(off);
  return { ...draft, steps: steps.map((step) => (isUnder(step) ? { ...step, at: off.at } : step)) };
}
