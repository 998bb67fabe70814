import { CircleQuestionMark } from 'lucide-react';
import { useState } from 'react';
import { useLocation } from 'wouter';
import { Ask } from '../../ui/Ask';
import { Button } from '../../ui/Button';
import { helpFor } from './helpWords';

/** How the station that is shown works, on one screen. */
export function HelpButton({ room }: { room: 'day' | 'oven' }) {
  const help = helpFor(useLocation()[0]);
  const [open, setOpen] = useState(false);
  if (!help) return null;
  return (
    <>
      <button
        type="button"
        aria-label="How this works"
        title="How this works"
        onClick={() => setOpen(true)}
        className="grid min-w-11 place-items-center"
      >
        <CircleQuestionMark aria-hidden className="size-5.5" />
      </button>
      <Ask open={open} room={room} title={help.title} onClose={() => setOpen(false)}>
        <div className="grid max-h-[65dvh] gap-3 overflow-y-auto">
          {help.lines.map((line) => (
            <p key={line} className="leading-snug">
              {line}
            </p>
          ))}
          {help.keys && (
            <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
              {help.keys.map(([key, what]) => (
                <div key={key} className="contents">
                  <dt className="font-semibold">{key}</dt>
                  <dd>{what}</dd>
                </div>
              ))}
            </dl>
          )}
        </div>
        <Button className="justify-self-start" onClick={() => setOpen(false)}>
          Got it
        </Button>
      </Ask>
    </>
  );
}
