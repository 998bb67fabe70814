import { Delete } from 'lucide-react';

const keys = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', 'back'];

/** Digits for a knuckle. */
export function Keypad({ onKey }: { onKey: (key: string) => void }) {
  return (
    <div className="grid grid-cols-3 gap-1.5">
      {keys.map((key) => (
        <button
          key={key}
          type="button"
          // Keeps the focus, and so the row the digit belongs to, where it is.
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => onKey(key)}
          aria-label={key === 'back' ? 'Delete the last digit' : key === '.' ? 'Point' : key}
          className="figures flex h-16 items-center justify-center rounded-md border border-control-line text-3xl active:bg-paper-deep"
        >
          {key === 'back' ? <Delete aria-hidden className="size-8" /> : key}
        </button>
      ))}
    </div>
  );
}
