import type { components } from './schema';

type Schemas = components['schemas'];

export type TrayPlan = Schemas['TrayPlan'];
export type TrayPlanRequest = Schemas['TrayPlanRequest'];
export type TrayView = Schemas['TrayView'];
export type TrayAnswer = Schemas['TrayAnswer'];
export type TrayForecast = Schemas['TrayForecast'];
export type CurvePoint = Schemas['CurvePoint'];
export type Explanation = Schemas['Explanation'];
export type Cut = Schemas['Cut'];
export type CutChoice = Schemas['CutChoice'];
export type ProfileChoice = Schemas['ProfileChoice'];
export type ProfileId = Schemas['ProfileId'];
export type OvenView = Schemas['OvenView'];
export type LiveBake = Schemas['LiveBakeView'];
export type BakeRecord = Schemas['BakeRecord'];
export type CheckRecord = Schemas['CheckRecord'];
export type CheckRequest = Schemas['CheckRequest'];
export type BakePlace = Schemas['BakePlace'];
export type VerdictKind = Schemas['VerdictKind'];
export type TemperatureUnit = Schemas['TemperatureUnit'];
export type MassUnit = Schemas['MassUnit'];
export type LengthUnit = Schemas['LengthUnit'];
