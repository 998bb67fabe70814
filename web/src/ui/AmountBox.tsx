import { Field } from './Field';
import { TextBox } from './TextBox';

/** A number in the household's unit, which stands beside it; another may be typed after the number. */
export function AmountBox(props: {
  label: string;
  hint?: string | undefined;
  error: string | undefined;
  value: string;
  /** "g", "in" */
  unit: string;
  placeholder?: string;
  onText: (text: string) => void;
}) {
  return (
    <Field label={props.label} hint={props.hint} error={props.error}>
      {(ids) => (
        <div className="relative">
          <TextBox
            ids={ids}
            value={props.value}
            onText={props.onText}
            inputMode="decimal"
            placeholder={props.placeholder}
            className="figures pr-12 placeholder:font-text placeholder:text-ink-soft"
          />
          <span
            aria-hidden
            className="pointer-events-none absolute top-0 right-3 grid h-11 place-items-center text-ink-soft"
          >
            {props.unit}
          </span>
        </div>
      )}
    </Field>
  );
}
