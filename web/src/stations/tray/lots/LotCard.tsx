import { ChevronDown, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import type { LotOutline } from '../../../api/types';
import { outlinePath } from '../../../tray/outlinePath';
import { IconButton } from '../../../ui/IconButton';

/** One lot in the list: its silhouette, what it is, when it is done; its fields when it is the chosen one. */
export function LotCard(props: {
  title: string;
  detail: string;
  outline: LotOutline | undefined;
  good: string | null;
  /** Its window in a sentence. */
  window: string | null;
  refused: boolean;
  isOpen: boolean;
  onToggle: () => void;
  onRemove: () => void;
  children: ReactNode;
}) {
  return (
    <li className={`border-hairline border-t ${props.isOpen ? 'bg-paper-deep' : ''}`}>
      <div className="flex items-stretch gap-2">
        <button
          type="button"
          aria-expanded={props.isOpen}
          onClick={props.onToggle}
          className="flex min-h-14 min-w-0 grow items-center gap-3 px-1 py-1.5 text-left"
        >
          <Silhouette outline={props.outline} />
          <span className="min-w-0 grow">
            <span className="block truncate font-semibold leading-tight first-letter:uppercase">{props.title}</span>
            <span className={`block truncate leading-tight ${props.refused ? 'text-stop' : 'text-ink-soft'}`}>
              {props.refused ? 'needs another look' : props.detail}
            </span>
          </span>
          {props.good && (
            <span className="figures shrink-0 text-right leading-tight">
              <span className="block text-[0.85rem] text-ink-soft">good</span>
              <span className="font-semibold">{props.good}</span>
            </span>
          )}
          <ChevronDown aria-hidden className={`size-5 shrink-0 text-ink-soft ${props.isOpen ? 'rotate-180' : ''}`} />
        </button>
      </div>
      {props.isOpen && (
        <div className="grid grid-cols-1 gap-3 px-1 pb-4">
          {props.window && <p className="figures leading-snug">{props.window}</p>}
          {props.children}
          <div className="flex items-center justify-end gap-2">
            <span className="text-ink-soft">Take it off the tray</span>
            <IconButton name={`Take the ${props.title} off the tray`} onClick={props.onRemove}>
              <Trash2 aria-hidden className="size-5" />
            </IconButton>
          </div>
        </div>
      )}
    </li>
  );
}

const BOX = 44;

function Silhouette({ outline }: { outline: LotOutline | undefined }) {
  const reach = Math.max(1, ...(outline?.outline ?? []).map(Math.abs));
  return (
    <svg aria-hidden="true" width={BOX} height={BOX} className="shrink-0">
      {outline && (
        <path
          d={outlinePath(outline)}
          transform={`translate(${BOX / 2},${BOX / 2}) scale(${Math.min(0.34, (BOX / 2 - 2) / reach)})`}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      )}
    </svg>
  );
}
