import type { ReactNode } from 'react';

/** What a lane of the rail begins with: who it belongs to, in a few words; a tap opens its panel. */
export function LaneHead(props: {
  id: string;
  name: string;
  detail: string;
  icon?: ReactNode;
  isOpen: boolean;
  isRefused?: boolean;
  onToggle: () => void;
}) {
  return (
    <button
      type="button"
      id={props.id}
      aria-expanded={props.isOpen}
      onClick={props.onToggle}
      className="flex size-full min-w-0 items-center gap-2 rounded-sm pr-1 text-left leading-tight hover:bg-paper-deep"
    >
      <span className="grid w-9 shrink-0 place-items-center">{props.icon}</span>
      <span className="shrink-0 font-display font-semibold first-letter:uppercase">{props.name}</span>
      <span
        className={`min-w-0 truncate text-[0.92rem] ${props.isRefused ? 'font-medium text-stop' : 'text-ink-soft'}`}
      >
        {props.isRefused ? 'needs another look' : props.detail}
      </span>
    </button>
  );
}
