import type { ChickenLot, MassUnit, PlannedStep, TrayPlan, VegetableLot, Vessel } from '../../../api/types';
import { coatFrom } from '../../../coats/coatDraft';
import { sayNumber } from '../../../words/numbers';
import { celsiusOf, convertTyped } from '../../../words/temperatures';
import { toLocalIso } from '../../../words/times';
import { lengthIn, massIn, type Units, usualUnits, volumeIn, volumeUnitOf } from '../../../words/units';
import type { ChickenDraft, StepDraft, TrayDraft, VegetableDraft, VesselDraft } from './trayDraft';

/** A stored plan as text to be typed over, in the household's units whatever it was typed in. */
export function draftFrom(
  plan: TrayPlan,
  eatAtHasPassed: boolean,
  nowMs: number,
  units: Units = { ...usualUnits, temperature: plan.ovenSetting.unit },
): TrayDraft {
  const dial = plan.ovenSetting;
  const eatAt = plan.eatAt ? new Date(plan.eatAt) : null;
  return {
    name: plan.name,
    ovenMode: plan.ovenMode,
    profile: plan.profile,
    spots: plan.spots,
    chicken: plan.chicken.map((lot) => chickenFrom(lot, units)),
    vegetables: plan.vegetables.map((lot) => vegetableFrom(lot, units)),
    vessels: plan.vessels.map((vessel) => vesselFrom(vessel, units)),
    steps: plan.steps.map((step) => stepFrom(step, units)),
    house: plan.oven ?? null,
    oven: sayNumber(temperatureIn(dial, units, DIAL_STEP)),
    unit: units.temperature,
    massUnit: units.mass,
    lengthUnit: units.length,
    ...ovenStartFrom(plan, units),
    rest: String(plan.restMinutes),
    stayUntil: plan.stayUntilMinutes ? String(plan.stayUntilMinutes) : '',
    dinner: !eatAt || eatAtHasPassed ? 'soon' : isSameDay(eatAt, new Date(nowMs)) ? 'today' : 'tomorrow',
    dinnerTime: eatAt ? toLocalIso(eatAt).slice(11, 16) : '19:00',
  };
}

/** Below this an oven is not on, °C. */
const COLD_C = 40;

/** A dial is set to the nearest of these. */
const DIAL_STEP = 5;

type Temperature = TrayPlan['ovenSetting'];

const temperatureIn = (typed: Temperature, units: Units, step: number): number =>
  typed.unit === units.temperature ? typed.value : convertTyped(typed.value, units.temperature, step);

function ovenStartFrom({ ovenAtStart: start }: TrayPlan, units: Units): Pick<TrayDraft, 'ovenStart' | 'ovenStartAt'> {
  if (!start) return { ovenStart: 'hot', ovenStartAt: '' };
  return celsiusOf(start) < COLD_C
    ? { ovenStart: 'cold', ovenStartAt: '' }
    : { ovenStart: 'at', ovenStartAt: sayNumber(temperatureIn(start, units, DIAL_STEP)) };
}

function chickenFrom(lot: ChickenLot, units: Units): ChickenDraft {
  const { sizes } = lot;
  const { core, holdSeconds } = lot.goal;
  const mass = (of: { value: number; unit: MassUnit }) => sayNumber(massIn(of.value, of.unit, units.mass));
  return {
    id: lot.id,
    cut: lot.cut,
    skinOn: lot.skinOn,
    partlySkinned: lot.partlySkinned ?? false,
    nestled: lot.isNestled ?? false,
    filling: lot.filling ? mass(lot.filling) : '',
    sear: lot.sear ? sayNumber(lot.sear.minutes) : '',
    pan: lot.sear?.pan ?? 'castIron',
    coats: lot.coats.map(coatFrom),
    startFrom: lot.startFrom,
    vessel: lot.vessel,
    leavesWhenDone: lot.leavesWhenDone,
    skinDown: lot.skinDown,
    basis: sizes.basis,
    count: String(sizes.count),
    mass: sizes.mass ? mass(sizes.mass) : '',
    massUnit: units.mass,
    spread: sayNumber(sizes.spreadPercent),
    each: sizes.each.map(mass).join(', '),
    height: lot.height ? sayNumber(lengthIn(lot.height.value, lot.height.unit, units.length)) : '',
    heightUnit: units.length,
    addAt: String(lot.addAtMinutes),
    goal: sayNumber(temperatureIn(core, units, 1)),
    hold: sayNumber((holdSeconds ?? 0) / 60),
  };
}

function vegetableFrom(lot: VegetableLot, units: Units): VegetableDraft {
  return {
    id: lot.id,
    kind: lot.kind,
    cut: lot.cut,
    place: lot.place,
    vessel: lot.vessel,
    leavesWhenDone: lot.leavesWhenDone,
    goal: lot.goal,
    layers: String(lot.layers ?? 1),
    size: sayNumber(lengthIn(lot.size.value, lot.size.unit, units.length)),
    sizeUnit: units.length,
    amount: sayNumber(massIn(lot.amount.value, lot.amount.unit, units.mass)),
    amountUnit: units.mass,
    addAt: String(lot.addAtMinutes),
  };
}

export function vesselFrom(vessel: Vessel, units: Units): VesselDraft {
  const side = (typed: Vessel['width'], usualMm: number) =>
    sayNumber(lengthIn(typed?.value ?? usualMm, typed?.unit ?? 'millimetre', units.length));
  return {
    kind: vessel.kind,
    shelf: vessel.shelf ?? 'usual',
    madeOf: vessel.madeOf ?? 'usual',
    rack: vessel.rack,
    parchment: vessel.parchment,
    panBeneath: vessel.panBeneath ?? false,
    width: side(vessel.width, 400),
    depth: side(vessel.depth, 300),
    sideUnit: units.length,
    water: sayNumber(volumeIn(vessel.waterMl, volumeUnitOf(units))),
    waterUnit: volumeUnitOf(units),
  };
}

function stepFrom(step: PlannedStep, units: Units): StepDraft {
  return {
    kind: step.kind,
    at: String(step.atMinutes),
    setting: step.setting ? sayNumber(temperatureIn(step.setting, units, DIAL_STEP)) : '',
    forMinutes: step.forMinutes ? String(step.forMinutes) : '',
    shelf: step.shelf ?? 'topThird',
    vessel: step.vessel ?? 0,
  };
}

const isSameDay = (a: Date, b: Date) => a.toDateString() === b.toDateString();
