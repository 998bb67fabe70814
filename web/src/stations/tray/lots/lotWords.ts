import type { TemperatureUnit } from '../../../api/types';
import { coatsInWords } from '../../../coats/coatDraft';
import { vegetableCutWords } from '../../../words/food';
import { unitSign } from '../../../words/temperatures';
import type { TrayNames } from '../../../words/trayNames';
import { lengthIn, lengthSign, massSign } from '../../../words/units';
import type { ChickenDraft, VegetableDraft } from '../draft/trayDraft';

/** "6 bone-in thighs" */
export function chickenTitle(lot: ChickenDraft, names: TrayNames): string {
  const count = lot.basis === 'eachPiece' ? lot.each.split(/[;\s]+/).filter(Boolean).length : Number(lot.count);
  return Number.isFinite(count) && count > 0 ? `${count} ${names.chicken(lot, count)}` : names.chicken(lot, 2);
}

/** "990 g, Harvest rub, to 80 °C" */
export function chickenDetail(lot: ChickenDraft, unit: TemperatureUnit): string {
  const sign = massSign[lot.massUnit];
  const mass = {
    pack: `${lot.mass} ${sign}`,
    piece: `${lot.mass} ${sign} each`,
    eachPiece: 'weighed one by one',
    height: 'by height',
  };
  return `${mass[lot.basis]}, ${coatsInWords(lot.coats)}, to ${lot.goal} ${unitSign(unit)}${addedWords(lot)}`;
}

/** "300 g, 25 mm cubes" */
export function vegetableDetail(lot: VegetableDraft): string {
  return `${lot.amount} ${massSign[lot.amountUnit]}, ${lot.size} ${lengthSign[lot.sizeUnit]} ${vegetableCutWords[lot.cut]}${addedWords(lot)}`;
}

const addedWords = ({ addAt }: { addAt: string }) => (addAt === '0' ? '' : `, in after ${addAt} min`);

/** What a height that was not measured is taken for. */
export function guessedHeight(heightMm: number | undefined, lot: ChickenDraft): string | undefined {
  if (heightMm === undefined || lot.basis === 'height') return undefined;
  const typed = lengthIn(Math.round(heightMm), 'millimetre', lot.heightUnit);
  return `We assume ${lot.heightUnit === 'millimetre' ? Math.round(heightMm) : typed} ${lengthSign[lot.heightUnit]}.`;
}
