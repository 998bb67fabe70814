import type { ReactNode } from 'react';

/** A table that a phone may push sideways; the page itself stays put. */
export function WideTable(props: { label: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keyboard.
    <section tabIndex={0} aria-label={props.label} className="mt-5 overflow-x-auto">
      <table className="w-full min-w-2xl border-collapse text-left">{props.children}</table>
    </section>
  );
}
