import type { Coating, CoatRequest, CoatTime, LotCoat, MixKind, MixListed } from '../api/types';
import { coatingWords } from '../words/food';
import { parseNumber, sayNumber } from '../words/numbers';

/** One coat of a lot while it is being typed: its minute is still text. The stack runs from the inside out. */
export interface CoatDraft {
  kind: Coating;
  when: CoatTime;
  mix: string | null;
  name: string | null;
  at: string;
  /** How long the meat lies in it, min; null for as long as is usual at this counter. */
  soak: number | null;
  scraped: boolean;
}

const kindOfMix: Record<MixKind, Coating> = {
  dryRub: 'dryRub',
  wetMarinade: 'wetMarinade',
  yogurtMarinade: 'thickMarinade',
  glaze: 'glaze',
  underSkinButter: 'butterUnderSkin',
  crumbOverEgg: 'crumbOverEgg',
  crumbOverMayonnaise: 'crumbOverMayonnaise',
  crumbOverYogurt: 'crumbOverYogurt',
  juiceSauce: 'juiceSauce',
  sauce: 'sauce',
};

/** Coats that need no mix. */
export const plainCoats: readonly Coating[] = [
  'herbsUnderSkin',
  'topping',
  'citrus',
  'stuffed',
  'parcel',
  'crumb',
  'dryRub',
  'wetMarinade',
  'thickMarinade',
  'glaze',
  'sauce',
];

/** When a kind of coat can go on; the first is usual. */
export function timesOf(kind: Coating): readonly CoatTime[] {
  switch (kind) {
    case 'wetMarinade':
    case 'thickMarinade':
      return ['before', 'on', 'underSkin', 'atMinute', 'afterDraining', 'atTable'];
    case 'butterUnderSkin':
      return ['underSkin', 'on', 'atMinute', 'atTable'];
    case 'herbsUnderSkin':
      return ['underSkin'];
    case 'juiceSauce':
      return ['afterDraining', 'atMinute', 'atTable'];
    case 'crumbOverYogurt':
      return ['on', 'before'];
    case 'citrus':
    case 'stuffed':
    case 'parcel':
    case 'crumb':
    case 'crumbOverEgg':
    case 'crumbOverMayonnaise':
      return ['on'];
    case 'topping':
      return ['on', 'atMinute', 'atTable'];
    default:
      return ['on', 'before', 'underSkin', 'atMinute', 'afterDraining', 'atTable'];
  }
}

export const coatOfKind = (kind: Coating): CoatDraft => ({
  kind,
  when: timesOf(kind)[0] ?? 'on',
  mix: null,
  name: null,
  at: '30',
  soak: null,
  scraped: false,
});

export const coatOfMix = ({ id, mix }: MixListed): CoatDraft => ({
  ...coatOfKind(kindOfMix[mix.kind]),
  mix: id,
  name: mix.name,
});

export const coatFrom = (coat: LotCoat): CoatDraft => ({
  kind: coat.kind,
  when: coat.when,
  mix: coat.mix ?? null,
  name: coat.name ?? null,
  at: coat.atMinutes ? String(coat.atMinutes) : '30',
  soak: coat.soakMinutes ?? null,
  scraped: coat.isScrapedOff ?? false,
});

export function coatRequest(coat: CoatDraft): CoatRequest {
  const minute = parseNumber(coat.at);
  return {
    kind: coat.kind,
    when: coat.when,
    mix: coat.mix,
    name: coat.name,
    atMinutes: coat.when === 'atMinute' && minute !== null && Number.isInteger(minute) ? minute : null,
    soakMinutes: coat.when === 'before' ? coat.soak : null,
    isScrapedOff: coat.scraped,
  };
}

/** Minutes between two goes of one coat, until the cook has said another gap (common practice: every 10 to 15). */
const USUAL_GAP = 12;

const isSameMix = (a: CoatDraft, b: CoatDraft | undefined): boolean =>
  b?.kind === a.kind && b.mix === a.mix && b.name === a.name && b.when === 'atMinute';

/** The same coat goes on once more, further out: only the last of them is asked whether it goes on again. */
export const isFollowed = (coats: readonly CoatDraft[], at: number): boolean => {
  const coat = coats[at];
  return coat !== undefined && coats.slice(at + 1).some((later) => isSameMix(coat, later));
};

/** Minutes from the last go of this coat to this one, or the usual ones. */
export function gapBefore(coats: readonly CoatDraft[], at: number): number {
  const coat = coats[at];
  const before = coat && coats.slice(0, at).findLast((earlier) => isSameMix(coat, earlier));
  const gap = (parseNumber(coat?.at ?? '') ?? 0) - (parseNumber(before?.at ?? '') ?? 0);
  return before && gap > 0 ? gap : USUAL_GAP;
}

/** The coat once more, as long after it as it came after the one before. */
export function again(coats: readonly CoatDraft[], at: number): CoatDraft {
  const coat = coats[at];
  if (!coat) throw new RangeError(`There is no coat ${at}.`);
  return { ...coat, at: sayNumber((parseNumber(coat.at) ?? 0) + gapBefore(coats, at)) };
}

/** "Harvest rub", "glaze" */
export const coatName = (coat: Pick<CoatDraft, 'kind' | 'name'>): string => coat.name ?? coatingWords[coat.kind];

/** "Harvest rub, Apricot glaze at 30": a stack in a few words. */
export const coatsInWords = (coats: readonly CoatDraft[]): string =>
  coats.length === 0
    ? coatingWords.oil
    : coats
        .map((coat) => (coat.when === 'atMinute' ? `${coatName(coat)} at ${coat.at || '?'}` : coatName(coat)))
        .join(', ');

/** The same for a stored stack. */
export const storedCoatsInWords = (coats: readonly LotCoat[]): string =>
  coatsInWords(coats.map((coat) => ({ ...coatFrom(coat), at: sayNumber(coat.atMinutes ?? 0) })));
