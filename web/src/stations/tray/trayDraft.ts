import type { LengthUnit, MassUnit, TemperatureUnit, TrayPlan, TrayPlanRequest } from '../../api/types';
import { parseNumber, sayNumber } from '../../words/numbers';
import { convertTyped } from '../../words/temperatures';
import { toLocalIso } from '../../words/times';

/** The plan while it is being typed: numbers are still text, and dinner is a time and a day. */
export interface TrayDraft
  extends Pick<TrayPlan, 'name' | 'cut' | 'skinOn' | 'massBasis' | 'startFrom' | 'ovenMode' | 'profile'> {
  count: string;
  mass: string;
  massUnit: MassUnit;
  height: string;
  heightUnit: LengthUnit;
  oven: string;
  target: string;
  unit: TemperatureUnit;
  rest: string;
  dinner: 'soon' | 'today' | 'tomorrow';
  dinnerTime: string;
}

export const DIAL_STEP = 5;

export function draftFrom(plan: TrayPlan, eatAtHasPassed: boolean, nowMs: number): TrayDraft {
  const unit = plan.ovenSetting.unit;
  const eatAt = plan.eatAt ? new Date(plan.eatAt) : null;
  return {
    ...plan,
    count: String(plan.count),
    mass: sayNumber(plan.mass.value),
    massUnit: plan.mass.unit,
    height: plan.height ? sayNumber(plan.height.value) : '',
    heightUnit: plan.height?.unit ?? 'millimetre',
    oven: sayNumber(plan.ovenSetting.value),
    target: sayNumber(plan.targetCore.value),
    unit,
    rest: String(plan.restMinutes),
    dinner: !eatAt || eatAtHasPassed ? 'soon' : isSameDay(eatAt, new Date(nowMs)) ? 'today' : 'tomorrow',
    dinnerTime: eatAt ? toLocalIso(eatAt).slice(11, 16) : '19:00',
  };
}

/** What the server is asked about. Text that is no number goes as null, and the server says what to write. */
export function requestFrom(draft: TrayDraft, nowMs: number): TrayPlanRequest {
  return {
    name: draft.name,
    cut: draft.cut,
    skinOn: draft.skinOn,
    count: wholeOrNull(draft.count),
    mass: { value: parseNumber(draft.mass), unit: draft.massUnit },
    massBasis: draft.massBasis,
    height: draft.height.trim() === '' ? null : { value: parseNumber(draft.height), unit: draft.heightUnit },
    startFrom: draft.startFrom,
    ovenMode: draft.ovenMode,
    ovenSetting: { value: parseNumber(draft.oven), unit: draft.unit },
    profile: draft.profile,
    targetCore: { value: parseNumber(draft.target), unit: draft.unit },
    restMinutes: wholeOrNull(draft.rest),
    eatAt: draft.dinner === 'soon' ? null : dinnerIso(draft, nowMs),
  };
}

/** The same draft with its temperatures in the other unit. */
export function withUnit(draft: TrayDraft, unit: TemperatureUnit): TrayDraft {
  if (unit === draft.unit) return draft;
  const convert = (text: string, step: number) => {
    const value = parseNumber(text);
    return value === null ? text : String(convertTyped(value, unit, step));
  };
  return { ...draft, unit, oven: convert(draft.oven, DIAL_STEP), target: convert(draft.target, 1) };
}

/** Text that is no time goes as it is, and the server says what to write. */
function dinnerIso(draft: TrayDraft, nowMs: number): string {
  const [, hours, minutes] = /^\s*(\d{1,2})[:.h]?(\d{2})\s*$/.exec(draft.dinnerTime) ?? [];
  if (hours === undefined || minutes === undefined || Number(hours) > 23 || Number(minutes) > 59)
    return draft.dinnerTime;
  const day = new Date(nowMs);
  const ahead = draft.dinner === 'tomorrow' ? 1 : 0;
  return toLocalIso(new Date(day.getFullYear(), day.getMonth(), day.getDate() + ahead, Number(hours), Number(minutes)));
}

function wholeOrNull(text: string): number | null {
  const value = parseNumber(text);
  return value !== null && Number.isInteger(value) && Math.abs(value) < 1e9 ? value : null;
}

const isSameDay = (a: Date, b: Date) => a.toDateString() === b.toDateString();
