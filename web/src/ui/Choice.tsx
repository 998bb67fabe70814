import { Radio, RadioGroup } from '@headlessui/react';

/** A few choices side by side, one of them taken. The taken one is filled and ticked by weight, not by colour alone. */
export function Choice<T extends string>(props: {
  label: string;
  value: T;
  options: readonly { value: T; label: string }[];
  onChange: (value: T) => void;
  big?: boolean;
}) {
  return (
    <RadioGroup
      aria-label={props.label}
      value={props.value}
      onChange={props.onChange}
      className={`inline-flex w-full overflow-hidden rounded-md border border-control-line ${props.big ? 'h-16' : 'h-11'}`}
    >
      {props.options.map((option) => (
        <Radio
          key={option.value}
          value={option.value}
          className="flex flex-1 cursor-pointer items-center justify-center border-control-line border-r px-2.5 text-center leading-tight last:border-r-0 data-checked:bg-ink data-checked:font-semibold data-checked:text-paper data-focus:-outline-offset-4 data-focus:outline-3"
        >
          {option.label}
        </Radio>
      ))}
    </RadioGroup>
  );
}
