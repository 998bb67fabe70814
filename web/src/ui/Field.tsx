import { TriangleAlert } from 'lucide-react';
import { type ReactNode, useId } from 'react';

export interface FieldIds {
  id: string;
  labelId: string;
  describedBy: string | undefined;
  invalid: boolean;
}

/** A labelled control, with a hint or, in its place, what is wrong and what to do. */
export function Field(props: {
  label: string;
  hint?: ReactNode;
  error?: string | undefined;
  children: (ids: FieldIds) => ReactNode;
}) {
  const id = useId();
  const noteId = `${id}-note`;
  const hasNote = Boolean(props.error || props.hint);
  return (
    <div className="min-w-0">
      <label id={`${id}-label`} htmlFor={id} className="block pb-1 text-[0.95rem] font-semibold">
        {props.label}
      </label>
      {props.children({
        id,
        labelId: `${id}-label`,
        describedBy: hasNote ? noteId : undefined,
        invalid: Boolean(props.error),
      })}
      {hasNote && (
        <p id={noteId} role={props.error ? 'alert' : undefined} className="pt-1 text-[0.9rem] leading-snug">
          {props.error ? (
            <span className="flex gap-1.5 font-medium text-stop">
              <TriangleAlert aria-hidden className="mt-0.5 size-4 shrink-0" />
              <span>{props.error}</span>
            </span>
          ) : (
            <span className="text-ink-soft">{props.hint}</span>
          )}
        </p>
      )}
    </div>
  );
}
