import type {
  Coating,
  CoatTime,
  LengthUnit,
  Look,
  MiddleState,
  OvenShelf,
  PlannedStep,
  SizeBasis,
  StepKind,
  SurfaceColour,
  TrayMaterial,
  VegetableCut,
  VesselKind,
} from '../api/types';
import { sayTyped } from './temperatures';

/** What cooks call the app's choices. */

export const coatingWords: Record<Coating, string> = {
  oil: 'plain, oiled',
  dryRub: 'dry rub',
  wetMarinade: 'wet marinade',
  thickMarinade: 'yogurt marinade',
  glaze: 'glaze',
  crumbOverEgg: 'crumb over egg',
  crumbOverMayonnaise: 'crumb over mayonnaise',
  crumbOverYogurt: 'crumb over yogurt',
  butterUnderSkin: 'butter under the skin',
  herbsUnderSkin: 'herbs and citrus under the skin',
  stuffed: 'slit and stuffed',
  parcel: 'in a parcel',
  crumb: 'crumb over what is on it',
  sauce: 'sauce',
  juiceSauce: 'sauce from the juices',
  topping: 'cheese or bacon on top',
  citrus: 'citrus and herbs around',
};

export const coatTimeWords: Record<CoatTime, string> = {
  before: 'before, it lies in it',
  underSkin: 'under the skin',
  on: 'just before the oven',
  atMinute: 'in the oven, at',
  afterDraining: 'once the juices are off',
  atTable: 'at the table',
};

export const basisWords: Record<SizeBasis, string> = {
  pack: 'All',
  piece: 'One',
  eachPiece: 'Each',
  height: 'Height',
};

export const vegetableCutWords: Record<VegetableCut, string> = {
  cube: 'cubes',
  wedge: 'wedges',
  coin: 'slices',
  half: 'halves',
  whole: 'whole',
  stick: 'sticks',
  floret: 'florets',
};

export const vesselWords: Record<VesselKind, string> = {
  halfSheet: 'half sheet',
  quarterSheet: 'quarter sheet',
  dish: 'dish',
  roundDish: 'round dish',
  roastingTin: 'roasting tin',
  custom: 'another size',
};

/** Floors inside, cm and in (common practice). */
const vesselSizes: Partial<Record<VesselKind, Record<LengthUnit, string>>> = {
  halfSheet: { millimetre: '44 × 31 cm', inch: '17 × 12 in' },
  quarterSheet: { millimetre: '31 × 22 cm', inch: '12 × 9 in' },
  dish: { millimetre: '33 × 23 cm', inch: '13 × 9 in' },
  roundDish: { millimetre: '28 cm', inch: '11 in' },
  roastingTin: { millimetre: '38 × 28 cm', inch: '15 × 11 in' },
};

/** "half sheet, 44 × 31 cm": all kinds to choose from, sizes as this kitchen reads them. */
export const vesselChoices = (length: LengthUnit): { value: VesselKind; label: string }[] =>
  (Object.keys(vesselWords) as VesselKind[]).map((value) => ({
    value,
    label: [vesselWords[value], vesselSizes[value]?.[length]].filter(Boolean).join(', '),
  }));

export const shelfWords: Record<OvenShelf, string> = {
  topThird: 'near the top',
  middle: 'the middle',
  low: 'low',
};

export const materialWords: Record<TrayMaterial, string> = {
  lightMetal: 'light metal',
  darkMetal: 'dark metal',
  glassOrCeramic: 'glass or ceramic',
};

export const stepWords: Record<StepKind, string> = {
  baste: 'baste',
  coat: 'put a coat on',
  turn: 'turn over',
  rotate: 'turn the tray round',
  swap: 'swap the shelves',
  shelf: 'move the tray',
  look: 'have a look',
  cover: 'foil on',
  uncover: 'foil off',
  drain: 'drain',
  lower: 'set the oven to',
  grill: 'grill',
};

/** "set the oven to 175 °C": a planned step with what it is set to. */
export const sayStep = (step: Pick<PlannedStep, 'kind' | 'setting'>): string =>
  step.setting ? `${stepWords[step.kind]} ${sayTyped(step.setting)}` : stepWords[step.kind];

export const lookWords: Record<Look, string> = {
  pale: 'Still pale',
  browned: 'Just right',
  dark: 'Dark already',
  hard: 'Still hard',
  tender: 'Tender',
  soft: 'Soft already',
};

export const middleWords: Record<MiddleState, string> = {
  belowTarget: 'not there',
  atTarget: 'at target',
  beyond: 'well beyond',
  hard: 'hard',
  firm: 'firm',
  tender: 'tender',
  soft: 'soft',
  tooSoft: 'too soft',
};

export const colourWords: Record<SurfaceColour, string> = {
  pale: 'pale',
  golden: 'golden',
  deep: 'deep brown',
  burnt: 'burnt',
};

/** "potatoes", "carrots and onions", "a, b and c" */
export const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
