import { type KeyboardEvent, type ReactNode, useId, useRef, useState } from 'react';

/**
 * Several looks at the same thing, one at a time: what is not looked at is not there. Arrow keys, Home and End go from tab to tab, as in
 * the ARIA authoring practices (from memory), and Tab goes into what is looked at.
 */
export function Tabs(props: {
  label: string;
  tabs: readonly { name: string; content: ReactNode }[];
  at?: number;
  onChange?: (at: number) => void;
}) {
  const id = useId();
  const list = useRef<HTMLDivElement>(null);
  const [own, setOwn] = useState(0);
  const at = Math.min(props.at ?? own, props.tabs.length - 1);
  const go = (to: number) => {
    setOwn(to);
    props.onChange?.(to);
  };
  const byKey = (event: KeyboardEvent) => {
    const to = tabAfter(event.key, at, props.tabs.length);
    if (to === undefined) return;
    event.preventDefault();
    go(to);
    list.current?.querySelectorAll<HTMLElement>('[role=tab]')[to]?.focus();
  };
  return (
    <>
      <div
        ref={list}
        role="tablist"
        aria-label={props.label}
        onKeyDown={byKey}
        className="flex flex-wrap gap-x-1 border-hairline border-b pt-3"
      >
        {props.tabs.map((tab, index) => (
          <button
            key={tab.name}
            type="button"
            role="tab"
            id={`${id}-tab-${index}`}
            aria-selected={index === at}
            aria-controls={`${id}-look`}
            tabIndex={index === at ? 0 : -1}
            onClick={() => go(index)}
            className="min-h-11 border-transparent border-b-4 px-3 pt-1 font-display aria-selected:border-ink aria-selected:font-semibold"
          >
            {tab.name}
          </button>
        ))}
      </div>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what is looked at may be text alone, and is reached by Tab all the same. */}
      <div key={at} role="tabpanel" id={`${id}-look`} aria-labelledby={`${id}-tab-${at}`} tabIndex={0}>
        {props.tabs[at]?.content}
      </div>
    </>
  );
}

/** Where a key goes from a tab, round and round; undefined for a key that goes nowhere. */
export function tabAfter(key: string, at: number, count: number): number | undefined {
  switch (key) {
    case 'ArrowRight':
      return (at + 1) % count;
    case 'ArrowLeft':
      return (at + count - 1) % count;
    case 'Home':
      return 0;
    case 'End':
      return count - 1;
    default:
      return undefined;
  }
}
