import { Field } from './Field';
import { TextBox } from './TextBox';
import { UnitBox } from './UnitBox';

/** A number with its unit, labelled. */
export function AmountBox<T extends string>(props: {
  label: string;
  hint?: string | undefined;
  error: string | undefined;
  value: string;
  unit: T;
  unitLabel: string;
  units: readonly { value: T; label: string }[];
  placeholder?: string;
  onText: (text: string) => void;
  onUnit: (unit: T) => void;
}) {
  return (
    <Field label={props.label} hint={props.hint} error={props.error}>
      {(ids) => (
        <div className="grid grid-cols-[1fr_4.5rem] gap-1">
          <TextBox
            ids={ids}
            value={props.value}
            onText={props.onText}
            inputMode="decimal"
            placeholder={props.placeholder}
            className="figures placeholder:font-text placeholder:text-ink-soft"
          />
          <UnitBox label={props.unitLabel} value={props.unit} units={props.units} onChange={props.onUnit} />
        </div>
      )}
    </Field>
  );
}
