import type { Problem } from '../../../api/problem';
import type {
  ChickenLot,
  HouseOven,
  LengthUnit,
  MassUnit,
  OvenShelf,
  Pan,
  StepKind,
  TemperatureUnit,
  TrayMaterial,
  TrayPlan,
  VegetableLot,
  Vessel,
} from '../../../api/types';
import type { CoatDraft } from '../../../coats/coatDraft';
import type { VolumeUnit } from '../../../words/units';

/**
 * The plan while it is being typed: numbers are still text, and dinner is a time and a day. From a plan and back by
 * draftFrom and requestFrom.
 */
export interface TrayDraft extends Pick<TrayPlan, 'name' | 'ovenMode' | 'profile' | 'spots'> {
  chicken: readonly ChickenDraft[];
  vegetables: readonly VegetableDraft[];
  vessels: readonly VesselDraft[];
  steps: readonly StepDraft[];
  /** Which oven it bakes in; null for an ordinary one. */
  house: HouseOven | null;
  oven: string;
  /** The oven when the food goes in: as hot as it is set, cold, or so hot. */
  ovenStart: 'hot' | 'cold' | 'at';
  ovenStartAt: string;
  unit: TemperatureUnit;
  /** What new foods are asked in; each carries the unit its own numbers are in. */
  massUnit: MassUnit;
  lengthUnit: LengthUnit;
  rest: string;
  /** The tray stays in at least so long, min; empty for as long as its food needs. */
  stayUntil: string;
  dinner: 'soon' | 'today' | 'tomorrow';
  dinnerTime: string;
}

export interface ChickenDraft
  extends Pick<ChickenLot, 'id' | 'cut' | 'skinOn' | 'startFrom' | 'vessel' | 'leavesWhenDone' | 'skinDown'> {
  partlySkinned: boolean;
  nestled: boolean;
  coats: readonly CoatDraft[];
  /** What each slit piece holds; empty for the usual. */
  filling: string;
  /** Minutes in the pan first; empty for none. */
  sear: string;
  pan: Pan;
  basis: ChickenLot['sizes']['basis'];
  count: string;
  mass: string;
  massUnit: MassUnit;
  spread: string;
  each: string;
  height: string;
  heightUnit: LengthUnit;
  addAt: string;
  /** The middle it should get to, in the draft's unit, and for how many minutes it is held there. */
  goal: string;
  hold: string;
}

export interface VegetableDraft
  extends Pick<VegetableLot, 'id' | 'kind' | 'cut' | 'place' | 'vessel' | 'leavesWhenDone' | 'goal'> {
  size: string;
  /** How many pieces lie over each other. */
  layers: string;
  sizeUnit: LengthUnit;
  amount: string;
  amountUnit: MassUnit;
  addAt: string;
}

export interface VesselDraft extends Pick<Vessel, 'kind' | 'rack' | 'parchment'> {
  shelf: OvenShelf | 'usual';
  madeOf: TrayMaterial | 'usual';
  panBeneath: boolean;
  width: string;
  depth: string;
  sideUnit: LengthUnit;
  /** In the measure in which this kitchen asks for liquids. */
  water: string;
  waterUnit: VolumeUnit;
}

export interface StepDraft {
  kind: StepKind;
  at: string;
  /** Of the dial or the grill; of the grill empty for on full. */
  setting: string;
  forMinutes: string;
  /** Of the grill, and of a tray that is moved. */
  shelf: OvenShelf;
  /** Of a tray that is moved: which, from 0. */
  vessel: number;
}

/** What each part of the form gets: the draft, what was refused in it, and how to change it. */
export interface DraftProps {
  draft: TrayDraft;
  problem: Problem | null;
  onChange: (draft: TrayDraft) => void;
}
