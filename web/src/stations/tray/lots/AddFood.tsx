import { Plus } from 'lucide-react';
import { Drop } from '../../../ui/Drop';

/** Opens what can be put on the tray; one tap puts it there. */
export function AddFood<T extends string>(props: {
  name: string;
  buttonId: string;
  choices: readonly { value: T; label: string }[];
  onAdd: (value: T) => void;
}) {
  return (
    <div className="grow">
      <Drop
        buttonId={props.buttonId}
        button={
          <>
            <Plus aria-hidden className="size-5" />
            {props.name}
          </>
        }
        buttonClass="flex min-h-11 w-full items-center justify-center gap-2 rounded-md border-2 border-ink px-2 font-semibold"
        panelClass="p-2"
        widthPx={440}
        side="above"
      >
        {(shut) => (
          <ul className="grid grid-cols-2 gap-1">
            {props.choices.map((choice) => (
              <li key={choice.value}>
                <button
                  type="button"
                  onClick={() => {
                    props.onAdd(choice.value);
                    shut();
                  }}
                  className="min-h-11 w-full rounded-md px-3 text-left leading-tight first-letter:uppercase hover:bg-paper-deep"
                >
                  {choice.label}
                </button>
              </li>
            ))}
          </ul>
        )}
      </Drop>
    </div>
  );
}
