import type { TrayPlanRequest } from '../../../api/types';
import { coatRequest } from '../../../coats/coatDraft';
import { parseNumber } from '../../../words/numbers';
import { parseClock, toLocalIso } from '../../../words/times';
import { parseLength, parseMass, parseTemperature, parseVolume } from '../../../words/units';
import type { ChickenDraft, StepDraft, TrayDraft, VegetableDraft, VesselDraft } from './trayDraft';

type Lots<K extends 'chicken' | 'vegetables' | 'vessels' | 'steps'> = NonNullable<TrayPlanRequest[K]>[number];

/** What the server is asked about. Text that is no number goes as null, and the server says what to write. */
export function requestFrom(draft: TrayDraft, nowMs: number): TrayPlanRequest {
  return {
    name: draft.name,
    chicken: draft.chicken.map((lot) => chickenRequest(lot, draft)),
    vegetables: draft.vegetables.map(vegetableRequest),
    vessels: draft.vessels.map(vesselRequest),
    steps: draft.steps.map((step) => stepRequest(step, draft)),
    spots: [...draft.spots],
    ovenMode: draft.ovenMode,
    oven: draft.house,
    ovenSetting: { value: parseTemperature(draft.oven, draft.unit), unit: draft.unit },
    ovenAtStart: ovenStartRequest(draft),
    profile: draft.profile,
    restMinutes: wholeOrNull(draft.rest),
    // Text that is no number is refused by the server, and nothing is nothing.
    stayUntilMinutes: draft.stayUntil.trim() === '' ? null : (wholeOrNull(draft.stayUntil) ?? 0),
    eatAt: draft.dinner === 'soon' ? null : dinnerIso(draft, nowMs),
  };
}

/** A kitchen's own temperature. */
const COLD = { celsius: 21, fahrenheit: 70 };

function ovenStartRequest(draft: TrayDraft): NonNullable<TrayPlanRequest['ovenAtStart']> | null {
  if (draft.ovenStart === 'hot') return null;
  const value = draft.ovenStart === 'cold' ? COLD[draft.unit] : parseTemperature(draft.ovenStartAt, draft.unit);
  return { value, unit: draft.unit };
}

const isStuffed = (lot: ChickenDraft) =>
  lot.coats.some((coat) => coat.kind === 'stuffed') || lot.cut === 'stuffedBreast';

function chickenRequest(lot: ChickenDraft, draft: TrayDraft): Lots<'chicken'> {
  const holdMinutes = parseNumber(lot.hold);
  return {
    id: lot.id,
    cut: lot.cut,
    skinOn: lot.skinOn,
    partlySkinned: lot.skinOn && lot.partlySkinned,
    isNestled: lot.nestled,
    filling:
      isStuffed(lot) && lot.filling.trim() !== ''
        ? { value: parseMass(lot.filling, lot.massUnit), unit: lot.massUnit }
        : null,
    sear: lot.sear.trim() === '' ? null : { minutes: parseNumber(lot.sear), pan: lot.pan },
    coats: lot.coats.map(coatRequest),
    startFrom: lot.startFrom,
    vessel: lot.vessel,
    leavesWhenDone: lot.leavesWhenDone,
    skinDown: lot.skinDown,
    goal: {
      core: { value: parseTemperature(lot.goal, draft.unit), unit: draft.unit },
      holdSeconds: holdMinutes === null ? -1 : Math.round(60 * holdMinutes),
    },
    addAtMinutes: wholeOrNull(lot.addAt),
    height: lot.height.trim() === '' ? null : { value: parseLength(lot.height, lot.heightUnit), unit: lot.heightUnit },
    sizes: {
      basis: lot.basis,
      count: wholeOrNull(lot.count),
      mass: { value: parseMass(lot.mass, lot.massUnit), unit: lot.massUnit },
      spreadPercent: parseNumber(lot.spread),
      each: eachMass(lot),
    },
  };
}

/** "200, 180 150": masses apart by commas with a space, semicolons, or spaces. */
function eachMass(lot: ChickenDraft) {
  return lot.each
    .split(/[;\s]+|,\s+/)
    .map((text) => text.replace(/,$/, ''))
    .filter((text) => text !== '')
    .map((text) => ({ value: parseNumber(text), unit: lot.massUnit }));
}

function vegetableRequest(lot: VegetableDraft): Lots<'vegetables'> {
  return {
    id: lot.id,
    kind: lot.kind,
    cut: lot.cut,
    place: lot.place,
    layers: wholeOrNull(lot.layers),
    vessel: lot.vessel,
    leavesWhenDone: lot.leavesWhenDone,
    goal: lot.goal,
    size: { value: parseLength(lot.size, lot.sizeUnit), unit: lot.sizeUnit },
    amount: { value: parseMass(lot.amount, lot.amountUnit), unit: lot.amountUnit },
    addAtMinutes: wholeOrNull(lot.addAt),
  };
}

function vesselRequest(vessel: VesselDraft): Lots<'vessels'> {
  const side = (text: string) => ({ value: parseLength(text, vessel.sideUnit), unit: vessel.sideUnit });
  return {
    kind: vessel.kind,
    shelf: vessel.shelf === 'usual' ? null : vessel.shelf,
    madeOf: vessel.madeOf === 'usual' ? null : vessel.madeOf,
    rack: vessel.rack,
    parchment: vessel.parchment,
    panBeneath: vessel.panBeneath,
    width: side(vessel.width),
    depth: side(vessel.depth),
    waterMl: parseVolume(vessel.water, vessel.waterUnit),
  };
}

function stepRequest(step: StepDraft, draft: TrayDraft): Lots<'steps'> {
  return {
    kind: step.kind,
    atMinutes: wholeOrNull(step.at),
    setting:
      step.kind === 'grill' && step.setting.trim() === ''
        ? null
        : { value: parseTemperature(step.setting, draft.unit), unit: draft.unit },
    forMinutes: wholeOrNull(step.forMinutes),
    shelf: step.kind === 'grill' || step.kind === 'shelf' ? step.shelf : null,
    vessel: step.kind === 'shelf' ? Math.min(step.vessel, draft.vessels.length - 1) : null,
  };
}

/** Text that is no time goes as it is, and the server says what to write. */
function dinnerIso(draft: TrayDraft, nowMs: number): string {
  const time = parseClock(draft.dinnerTime);
  if (!time) return draft.dinnerTime;
  const day = new Date(nowMs);
  const ahead = draft.dinner === 'tomorrow' ? 1 : 0;
  return toLocalIso(new Date(day.getFullYear(), day.getMonth(), day.getDate() + ahead, time.hours, time.minutes));
}

function wholeOrNull(text: string): number | null {
  const value = parseNumber(text);
  return value !== null && Number.isInteger(value) && Math.abs(value) < 1e9 ? value : null;
}
