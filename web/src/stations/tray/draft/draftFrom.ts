import type { ChickenLot, PlannedStep, TemperatureUnit, TrayPlan, VegetableLot, Vessel } from '../../../api/types';
import { coatFrom } from '../../../coats/coatDraft';
import { sayNumber } from '../../../words/numbers';
import { celsiusOf, convertTyped } from '../../../words/temperatures';
import { toLocalIso } from '../../../words/times';
import type { ChickenDraft, StepDraft, TrayDraft, VegetableDraft, VesselDraft } from './trayDraft';

/** A stored plan as text to be typed over. */
export function draftFrom(plan: TrayPlan, eatAtHasPassed: boolean, nowMs: number): TrayDraft {
  const eatAt = plan.eatAt ? new Date(plan.eatAt) : null;
  return {
    name: plan.name,
    ovenMode: plan.ovenMode,
    profile: plan.profile,
    spots: plan.spots,
    chicken: plan.chicken.map((lot) => chickenFrom(lot, plan.ovenSetting.unit)),
    vegetables: plan.vegetables.map(vegetableFrom),
    vessels: plan.vessels.map(vesselFrom),
    steps: plan.steps.map(stepFrom),
    oven: sayNumber(plan.ovenSetting.value),
    unit: plan.ovenSetting.unit,
    ...ovenStartFrom(plan),
    rest: String(plan.restMinutes),
    stayUntil: plan.stayUntilMinutes ? String(plan.stayUntilMinutes) : '',
    dinner: !eatAt || eatAtHasPassed ? 'soon' : isSameDay(eatAt, new Date(nowMs)) ? 'today' : 'tomorrow',
    dinnerTime: eatAt ? toLocalIso(eatAt).slice(11, 16) : '19:00',
  };
}

/** Below this an oven is not on, °C. */
const COLD_C = 40;

function ovenStartFrom(plan: TrayPlan): Pick<TrayDraft, 'ovenStart' | 'ovenStartAt'> {
  const { ovenAtStart: start, ovenSetting: dial } = plan;
  if (!start) return { ovenStart: 'hot', ovenStartAt: '' };
  const value = start.unit === dial.unit ? start.value : convertTyped(start.value, dial.unit, 5);
  return celsiusOf(start) < COLD_C
    ? { ovenStart: 'cold', ovenStartAt: '' }
    : { ovenStart: 'at', ovenStartAt: sayNumber(value) };
}

function chickenFrom(lot: ChickenLot, shown: TemperatureUnit): ChickenDraft {
  const { sizes } = lot;
  const { core, holdSeconds } = lot.goal;
  const unit = sizes.mass?.unit ?? sizes.each[0]?.unit ?? 'gram';
  return {
    id: lot.id,
    cut: lot.cut,
    skinOn: lot.skinOn,
    partlySkinned: lot.partlySkinned ?? false,
    nestled: lot.isNestled ?? false,
    filling: lot.filling ? sayNumber(lot.filling.value) : '',
    sear: lot.sear ? sayNumber(lot.sear.minutes) : '',
    pan: lot.sear?.pan ?? 'castIron',
    coats: lot.coats.map(coatFrom),
    startFrom: lot.startFrom,
    vessel: lot.vessel,
    leavesWhenDone: lot.leavesWhenDone,
    skinDown: lot.skinDown,
    basis: sizes.basis,
    count: String(sizes.count),
    mass: sizes.mass ? sayNumber(sizes.mass.value) : '',
    massUnit: unit,
    spread: sayNumber(sizes.spreadPercent),
    each: sizes.each.map((mass) => sayNumber(mass.value)).join(', '),
    height: lot.height ? sayNumber(lot.height.value) : '',
    heightUnit: lot.height?.unit ?? 'millimetre',
    addAt: String(lot.addAtMinutes),
    // Said in the tray's unit, whatever it was typed in.
    goal: sayNumber(core.unit === shown ? core.value : convertTyped(core.value, shown, 1)),
    hold: sayNumber((holdSeconds ?? 0) / 60),
  };
}

function vegetableFrom(lot: VegetableLot): VegetableDraft {
  return {
    id: lot.id,
    kind: lot.kind,
    cut: lot.cut,
    place: lot.place,
    vessel: lot.vessel,
    leavesWhenDone: lot.leavesWhenDone,
    goal: lot.goal,
    layers: String(lot.layers ?? 1),
    size: sayNumber(lot.size.value),
    sizeUnit: lot.size.unit,
    amount: sayNumber(lot.amount.value),
    amountUnit: lot.amount.unit,
    addAt: String(lot.addAtMinutes),
  };
}

function vesselFrom(vessel: Vessel): VesselDraft {
  return {
    kind: vessel.kind,
    shelf: vessel.shelf ?? 'usual',
    madeOf: vessel.madeOf ?? 'usual',
    rack: vessel.rack,
    parchment: vessel.parchment,
    panBeneath: vessel.panBeneath ?? false,
    width: vessel.width ? sayNumber(vessel.width.value) : '400',
    depth: vessel.depth ? sayNumber(vessel.depth.value) : '300',
    sideUnit: vessel.width?.unit ?? 'millimetre',
    water: sayNumber(vessel.waterMl),
  };
}

function stepFrom(step: PlannedStep): StepDraft {
  return {
    kind: step.kind,
    at: String(step.atMinutes),
    setting: step.setting ? sayNumber(step.setting.value) : '',
    forMinutes: step.forMinutes ? String(step.forMinutes) : '',
    shelf: step.shelf ?? 'topThird',
    vessel: step.vessel ?? 0,
  };
}

const isSameDay = (a: Date, b: Date) => a.toDateString() === b.toDateString();
