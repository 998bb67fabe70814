import type { MassUnit } from '../api/types';
import { useUnits } from '../kitchen/household';
import { NumberBox } from '../ui/NumberBox';
import { massIn, massSign, parseMass } from '../words/units';

/** A mass that is saved a moment after it was typed, asked in the kitchen's own unit; "1 lb 4 oz" and "1,2 kg" are read, too. */
export function MassBox(props: {
  label: string;
  error?: string | undefined;
  massG: number | null;
  onMass: (mass: { value: number | null; unit: MassUnit }, massG: number | null) => void;
}) {
  const { mass: unit } = useUnits();
  return (
    <NumberBox
      // Another unit is another text.
      key={unit}
      label={`${props.label}, ${massSign[unit]}`}
      error={props.error}
      value={props.massG === null ? null : massIn(props.massG, 'gram', unit)}
      parse={(text) => parseMass(text, unit)}
      onNumber={(value) => props.onMass({ value, unit }, value === null ? null : massIn(value, unit, 'gram'))}
    />
  );
}
