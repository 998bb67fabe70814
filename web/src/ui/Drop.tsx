import { type ReactNode, useId, useRef, useState } from 'react';

const EDGE_PX = 12;
const GAP_PX = 6;
/** With less room than this on the wanted side the other is taken, where that has more. */
const LEAST_PX = 240;

/** A button, and what opens beside it: the browser's own popover, shut by Escape, by a tap elsewhere and by what is in it. */
export function Drop(props: {
  button: ReactNode;
  buttonId?: string;
  buttonClass: string;
  panelClass: string;
  widthPx: number;
  side: 'above' | 'below';
  children: (shut: () => void) => ReactNode;
}) {
  const id = useId();
  const button = useRef<HTMLButtonElement>(null);
  const panel = useRef<HTMLDivElement>(null);
  const [open, setOpen] = useState(false);
  const place = () => {
    const box = panel.current;
    const at = button.current?.getBoundingClientRect();
    if (!box || !at) return;
    const width = Math.min(props.widthPx, window.innerWidth - 2 * EDGE_PX);
    const [above, below] = [at.top - GAP_PX - EDGE_PX, window.innerHeight - at.bottom - GAP_PX - EDGE_PX];
    const isAbove = props.side === 'above' ? above >= LEAST_PX || above > below : below < LEAST_PX && above > below;
    Object.assign(box.style, {
      width: `${width}px`,
      left: `${Math.max(EDGE_PX, Math.min(at.left, window.innerWidth - width - EDGE_PX))}px`,
      maxHeight: `${isAbove ? above : below}px`,
      top: isAbove ? 'auto' : `${at.bottom + GAP_PX}px`,
      bottom: isAbove ? `${window.innerHeight - at.top + GAP_PX}px` : 'auto',
    });
  };
  return (
    <>
      <button
        ref={button}
        type="button"
        id={props.buttonId}
        popoverTarget={id}
        aria-expanded={open}
        className={props.buttonClass}
      >
        {props.button}
      </button>
      <div
        ref={panel}
        id={id}
        popover="auto"
        onBeforeToggle={(event) => {
          if (event.newState === 'open') place();
          setOpen(event.newState === 'open');
        }}
        className="inset-auto m-0 overflow-y-auto rounded-md border border-control-line bg-paper p-0 text-ink shadow-xl"
      >
        {open && <div className={props.panelClass}>{props.children(() => panel.current?.hidePopover())}</div>}
      </div>
    </>
  );
}
