import { newCommandId } from '../../../api/commandId';
import type { MeasureUnit, Mix, MixBasis, MixKind, MixRequest } from '../../../api/types';
import { parseNumber, sayNumber } from '../../../words/numbers';

/** A mix as text to be typed over. */
export interface MixDraft {
  name: string;
  kind: MixKind;
  per: MixBasis;
  method: string;
  /** As written: for so much meat, g. */
  forMeat: string;
  parts: readonly PartDraft[];
}

export interface PartDraft {
  /** Only to tell rows apart while they are typed. */
  key: string;
  name: string;
  value: string;
  unit: MeasureUnit;
}

export const emptyPart = (): PartDraft => ({ key: newCommandId(), name: '', value: '', unit: 'gram' });

export function mixDraftFrom(mix: Mix | null, isOwn: boolean): MixDraft {
  if (!mix) {
    return {
      name: '',
      kind: 'dryRub',
      per: 'asWritten',
      method: '',
      forMeat: '1000',
      parts: [emptyPart(), emptyPart()],
    };
  }
  return {
    name: isOwn ? mix.name : `${mix.name}, ours`,
    kind: mix.kind,
    per: mix.per,
    method: mix.method,
    forMeat: sayNumber(mix.forMassG ?? 1000),
    parts: mix.parts.map((part) => ({
      ...emptyPart(),
      name: part.name,
      value: sayNumber(part.amount.value),
      unit: part.amount.unit,
    })),
  };
}

/** What is sent; rows that are wholly empty are left out. */
export const mixRequestFrom = ({ forMeat, ...draft }: MixDraft): MixRequest => ({
  ...draft,
  forMeat: draft.per === 'asWritten' ? { value: parseNumber(forMeat), unit: 'gram' } : null,
  parts: draft.parts
    .filter((part) => part.name.trim() !== '' || part.value.trim() !== '')
    .map((part) => ({ name: part.name, value: parseNumber(part.value), unit: part.unit })),
});
