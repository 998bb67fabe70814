import { Minus, Plus } from 'lucide-react';
import type { FieldIds } from './Field';
import { TextBox } from './TextBox';

/** A whole number with a button on each side, for a knuckle as much as for a finger. */
export function Stepper(props: { ids: FieldIds; value: string; what: string; onText: (text: string) => void }) {
  const step = (by: number) => props.onText(String(Math.max(1, (Number.parseInt(props.value, 10) || 0) + by)));
  const button = 'flex size-11 shrink-0 items-center justify-center rounded-md border border-control-line';
  return (
    <div className="flex gap-1">
      <button type="button" className={button} aria-label={`One ${props.what} fewer`} onClick={() => step(-1)}>
        <Minus aria-hidden className="size-5" />
      </button>
      <TextBox
        ids={props.ids}
        value={props.value}
        onText={props.onText}
        inputMode="numeric"
        className="figures px-1 text-center text-lg"
      />
      <button type="button" className={button} aria-label={`One ${props.what} more`} onClick={() => step(1)}>
        <Plus aria-hidden className="size-5" />
      </button>
    </div>
  );
}
