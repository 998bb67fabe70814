import { newCommandId } from '../../../api/commandId';
import type { MassUnit, MeasureUnit, Mix, MixBasis, MixKind, MixRequest } from '../../../api/types';
import { parseNumber, sayNumber } from '../../../words/numbers';
import { massIn, parseMass } from '../../../words/units';

/** A mix as text to be typed over. */
export interface MixDraft {
  name: string;
  kind: MixKind;
  per: MixBasis;
  method: string;
  /** As written: for so much meat, as it was typed in the kitchen's unit. */
  forMeat: string;
  forMeatUnit: MassUnit;
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

export function mixDraftFrom(mix: Mix | null, isOwn: boolean, unit: MassUnit): MixDraft {
  if (!mix) {
    return {
      name: '',
      kind: 'dryRub',
      per: 'asWritten',
      method: '',
      ...meatSaid(1000, unit),
      parts: [emptyPart(), emptyPart()],
    };
  }
  return {
    name: isOwn ? mix.name : `${mix.name}, ours`,
    kind: mix.kind,
    per: mix.per,
    method: mix.method,
    ...meatSaid(mix.forMassG ?? 1000, unit),
    parts: mix.parts.map((part) => ({
      ...emptyPart(),
      name: part.name,
      value: sayNumber(part.amount.value),
      unit: part.amount.unit,
    })),
  };
}

const meatSaid = (massG: number, unit: MassUnit) => ({
  forMeat: sayNumber(Number(massIn(massG, 'gram', unit).toFixed(unit === 'gram' ? 0 : 1))),
  forMeatUnit: unit,
});

/** What is sent; rows that are wholly empty are left out. */
export const mixRequestFrom = ({ forMeat, forMeatUnit, ...draft }: MixDraft): MixRequest => ({
  ...draft,
  forMeat: draft.per === 'asWritten' ? { value: parseMass(forMeat, forMeatUnit), unit: forMeatUnit } : null,
  parts: draft.parts
    .filter((part) => part.name.trim() !== '' || part.value.trim() !== '')
    .map((part) => ({ name: part.name, value: parseNumber(part.value), unit: part.unit })),
});
