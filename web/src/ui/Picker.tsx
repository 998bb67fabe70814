import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import { Check, ChevronDown } from 'lucide-react';
import type { FieldIds } from './Field';

/** One of a longer list. */
export function Picker<T extends string>(props: {
  ids: FieldIds;
  value: T;
  options: readonly { value: T; label: string }[];
  onChange: (value: T) => void;
}) {
  const taken = props.options.find((option) => option.value === props.value);
  return (
    <Listbox value={props.value} onChange={props.onChange}>
      <ListboxButton
        id={props.ids.id}
        aria-labelledby={`${props.ids.labelId} ${props.ids.id}`}
        aria-describedby={props.ids.describedBy}
        className={`flex h-11 w-full items-center justify-between gap-2 rounded-md border px-3 text-left ${props.ids.invalid ? 'border-2 border-stop' : 'border-control-line'}`}
      >
        <span className="truncate first-letter:uppercase">{taken?.label ?? 'Choose'}</span>
        <ChevronDown aria-hidden className="size-5 shrink-0 text-ink-soft" />
      </ListboxButton>
      <ListboxOptions
        anchor={{ to: 'bottom start', gap: 4 }}
        className="z-30 max-h-96 w-(--button-width) min-w-56 overflow-auto rounded-md border border-control-line bg-paper py-1 shadow-lg"
      >
        {props.options.map((option) => (
          <ListboxOption
            key={option.value}
            value={option.value}
            className="group flex min-h-11 cursor-pointer items-center justify-between gap-3 px-3 data-focus:bg-paper-deep data-selected:font-semibold"
          >
            <span className="first-letter:uppercase">{option.label}</span>
            <Check aria-hidden className="invisible size-5 group-data-selected:visible" />
          </ListboxOption>
        ))}
      </ListboxOptions>
    </Listbox>
  );
}
