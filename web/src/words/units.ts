import type { LengthUnit, MassUnit } from '../api/types';

export const massUnits: readonly { value: MassUnit; label: string }[] = [
  { value: 'gram', label: 'g' },
  { value: 'kilogram', label: 'kg' },
  { value: 'pound', label: 'lb' },
  { value: 'ounce', label: 'oz' },
];

export const lengthUnits: readonly { value: LengthUnit; label: string }[] = [
  { value: 'millimetre', label: 'mm' },
  { value: 'inch', label: 'in' },
];
