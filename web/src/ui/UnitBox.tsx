/** The unit of the number beside it. */
export function UnitBox<T extends string>(props: {
  label: string;
  value: T;
  units: readonly { value: T; label: string }[];
  onChange: (value: T) => void;
}) {
  return (
    <select
      aria-label={props.label}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value as T)}
      className="h-11 rounded-md border border-control-line bg-paper px-2"
    >
      {props.units.map((unit) => (
        <option key={unit.value} value={unit.value}>
          {unit.label}
        </option>
      ))}
    </select>
  );
}
