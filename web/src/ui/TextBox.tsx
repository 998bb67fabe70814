import type { InputHTMLAttributes } from 'react';
import type { FieldIds } from './Field';

type Native = Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange' | 'value' | 'id'>;

/** A one-line box; red-edged while what it holds needs another look. */
export function TextBox({
  ids,
  value,
  onText,
  className = '',
  ...native
}: Native & { ids: FieldIds; value: string; onText: (text: string) => void }) {
  return (
    <input
      {...native}
      id={ids.id}
      value={value}
      onChange={(event) => onText(event.target.value)}
      aria-invalid={ids.invalid}
      aria-describedby={ids.describedBy}
      className={`h-11 w-full min-w-0 rounded-md border bg-paper px-3 ${ids.invalid ? 'border-2 border-stop' : 'border-control-line'} ${className}`}
    />
  );
}
