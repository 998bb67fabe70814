import type { ButtonHTMLAttributes, MouseEvent, Ref } from 'react';

const looks = {
  /** The one thing to do now. */
  heat: 'border border-transparent bg-heat text-on-heat font-semibold',
  plain: 'border border-control-line',
  stop: 'border-2 border-stop text-stop font-semibold',
} as const;

export function Button({
  look = 'plain',
  big = false,
  busy = false,
  className = '',
  ...native
}: ButtonHTMLAttributes<HTMLButtonElement> & {
  look?: keyof typeof looks;
  big?: boolean;
  /** What it does is being done: it does nothing now, and keeps the focus that a disabled one would lose. */
  busy?: boolean;
  ref?: Ref<HTMLButtonElement>;
}) {
  const size = big ? 'min-h-16 px-4 text-lg' : 'min-h-11 px-4';
  return (
    <button
      type="button"
      {...native}
      {...(busy ? { 'aria-disabled': true, onClick: (event: MouseEvent) => event.preventDefault() } : {})}
      className={`inline-flex items-center justify-center gap-2 rounded-md text-center leading-tight disabled:opacity-50 aria-disabled:opacity-50 ${looks[look]} ${size} ${className}`}
    />
  );
}
