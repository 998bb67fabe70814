import type { CheckRequest, TemperatureUnit } from '../../api/types';
import { parseNumber } from '../../words/numbers';

export interface ReadingDraft {
  text: string;
  heldSeconds: number;
  unitConfirmed: boolean;
}

export const emptyReading: ReadingDraft = { text: '', heldSeconds: 0, unitConfirmed: false };

/** The rows that were filled in, as a check, and for each of them which row it came from. */
export function checkFrom(rows: readonly ReadingDraft[], unit: TemperatureUnit, note: string) {
  const filled = rows.map((row, index) => ({ row, index })).filter(({ row }) => row.text.trim() !== '');
  const check: CheckRequest = {
    readings: filled.map(({ row, index }) => ({
      piece: index + 1,
      value: parseNumber(row.text),
      unit,
      heldSeconds: row.heldSeconds,
      unitConfirmed: row.unitConfirmed,
    })),
    note: note.trim() === '' ? null : note,
  };
  return { check, rowOf: filled.map(({ index }) => index) };
}

/** A key of the pad, applied to what stands in a row. */
export function press(text: string, key: string): string {
  if (key === 'back') return text.slice(0, -1);
  if (key === '.') return text.includes('.') ? text : `${text || '0'}.`;
  return text.length >= 6 ? text : text + key;
}
