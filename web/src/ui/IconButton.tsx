import type { ButtonHTMLAttributes } from 'react';

/** A button with only a picture; its name is for screen readers and for whoever waits over it. */
export function IconButton({
  name,
  ...native
}: Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'name'> & { name: string }) {
  return (
    <button
      type="button"
      {...native}
      aria-label={name}
      title={name}
      className="flex size-11 shrink-0 items-center justify-center rounded-md border border-control-line disabled:opacity-40"
    />
  );
}
