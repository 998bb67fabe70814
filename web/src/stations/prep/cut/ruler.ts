/** Width of a bank card (ISO/IEC 7810, ID-1), mm. */
export const CARD_MM = 85.6;
export const CARD_HEIGHT_MM = 53.98;

/** What a CSS pixel would be on a screen of 96 to the inch. */
const USUAL_PX_PER_MM = 96 / 25.4;
const KEY = 'amber-px-per-mm';
const LIKELY = { low: 2, high: 14 };

/** This screen's pixels to a millimetre, and whether someone has held a card against it. */
export function readRuler(store: Pick<Storage, 'getItem'>): { pxPerMm: number; isCalibrated: boolean } {
  const kept = Number(store.getItem(KEY) ?? Number.NaN);
  return kept >= LIKELY.low && kept <= LIKELY.high
    ? { pxPerMm: kept, isCalibrated: true }
    : { pxPerMm: USUAL_PX_PER_MM, isCalibrated: false };
}

/** Kept on this device: another screen has other pixels. */
export const keepRuler = (store: Pick<Storage, 'setItem'>, pxPerMm: number) => store.setItem(KEY, String(pxPerMm));
