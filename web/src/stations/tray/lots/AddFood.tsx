import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { Plus } from 'lucide-react';

/** Opens what can be put on the tray; one tap puts it there. */
export function AddFood<T extends string>(props: {
  name: string;
  buttonId: string;
  choices: readonly { value: T; label: string }[];
  onAdd: (value: T) => void;
}) {
  return (
    <Popover className="grow">
      <PopoverButton
        id={props.buttonId}
        className="flex min-h-11 w-full items-center justify-center gap-2 rounded-md border-2 border-ink px-2 font-semibold"
      >
        <Plus aria-hidden className="size-5" />
        {props.name}
      </PopoverButton>
      <PopoverPanel
        anchor={{ to: 'top start', gap: 6, padding: 12 }}
        className="z-30 w-[26rem] max-w-full rounded-md border border-control-line bg-paper p-2 shadow-xl"
      >
        {({ close }) => (
          <ul className="grid grid-cols-2 gap-1">
            {props.choices.map((choice) => (
              <li key={choice.value}>
                <button
                  type="button"
                  onClick={() => {
                    props.onAdd(choice.value);
                    close();
                  }}
                  className="min-h-11 w-full rounded-md px-3 text-left leading-tight first-letter:uppercase hover:bg-paper-deep"
                >
                  {choice.label}
                </button>
              </li>
            ))}
          </ul>
        )}
      </PopoverPanel>
    </Popover>
  );
}
