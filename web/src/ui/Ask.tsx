import { type ReactNode, useId, useLayoutEffect, useRef } from 'react';

interface Question {
  room: 'day' | 'oven';
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** A question that must be answered before anything is lost. */
export function Ask({ open, ...question }: Question & { open: boolean }) {
  return open ? <Asked {...question} /> : null;
}

/** The browser's own dialog: what lies below it is out of reach meanwhile, and the focus goes back to where it came from. */
function Asked(props: Question) {
  const dialog = useRef<HTMLDialogElement>(null);
  const title = useId();
  useLayoutEffect(() => {
    const asked = dialog.current;
    asked?.showModal();
    return () => asked?.close();
  }, []);
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: a keyboard shuts it by Escape, which is told as cancelled.
    <dialog
      ref={dialog}
      data-room={props.room}
      aria-labelledby={title}
      onCancel={(event) => {
        event.preventDefault();
        props.onClose();
      }}
      onClick={(event) => event.target === dialog.current && props.onClose()}
      className="m-auto max-w-lg rounded-lg border border-control-line bg-paper p-0 text-ink backdrop:bg-black/50"
    >
      <div className="grid gap-4 p-6">
        <h2 id={title} className="font-semibold text-2xl">
          {props.title}
        </h2>
        {props.children}
      </div>
    </dialog>
  );
}
