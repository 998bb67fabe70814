import { useId } from 'react';

/** A few choices side by side, one of them taken. The taken one is filled and ticked by weight, not by colour alone. */
export function Choice<T extends string>(props: {
  label: string;
  value: T;
  options: readonly { value: T; label: string }[];
  onChange: (value: T) => void;
  big?: boolean;
}) {
  const name = useId();
  return (
    <div
      role="radiogroup"
      aria-label={props.label}
      className={`inline-flex w-full overflow-hidden rounded-md border border-control-line ${props.big ? 'h-16' : 'h-11'}`}
    >
      {props.options.map((option) => (
        <label
          key={option.value}
          data-checked={option.value === props.value ? '' : undefined}
          className="relative flex flex-1 cursor-pointer items-center justify-center border-control-line border-r px-2.5 text-center leading-tight last:border-r-0 has-focus-visible:-outline-offset-4 has-focus-visible:outline-3 has-focus-visible:outline-(--focus) data-checked:bg-ink data-checked:font-semibold data-checked:text-paper data-checked:has-focus-visible:outline-paper"
        >
          <input
            type="radio"
            name={name}
            checked={option.value === props.value}
            onChange={() => props.onChange(option.value)}
            className="absolute inset-0 m-0 cursor-pointer appearance-none opacity-0"
          />
          {option.label}
        </label>
      ))}
    </div>
  );
}
