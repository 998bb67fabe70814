import { ChevronDown } from 'lucide-react';
import { type ReactNode, useEffect, useId, useState } from 'react';

/**
 * A part of a form that opens when wanted, with what it holds in a few words while it is shut. It opens by itself for what is
 * wrong in it, and never loses what is typed or chosen in it at that moment.
 */
export function Section(props: {
  title: string;
  summary?: ReactNode;
  children: ReactNode;
  defaultOpen?: boolean;
  /** Something in it is wrong: it opens, and what is wrong is seen. */
  isWrong?: boolean;
}) {
  const [open, setOpen] = useState(props.defaultOpen ?? false);
  const panel = useId();
  useEffect(() => {
    if (props.isWrong) setOpen(true);
  }, [props.isWrong]);
  return (
    <section className="border-hairline border-t">
      <button
        type="button"
        aria-expanded={open}
        aria-controls={open ? panel : undefined}
        onClick={() => setOpen(!open)}
        className="group flex min-h-12 w-full items-center gap-3 py-2 text-left"
      >
        <span className="shrink-0 font-display font-semibold text-lg">{props.title}</span>
        <span className="min-w-0 grow truncate text-ink-soft group-aria-expanded:invisible">{props.summary}</span>
        <ChevronDown aria-hidden className="size-5 shrink-0 group-aria-expanded:rotate-180" />
      </button>
      {open && (
        <div id={panel} className="grid grid-cols-1 gap-4 pb-4">
          {props.children}
        </div>
      )}
    </section>
  );
}
