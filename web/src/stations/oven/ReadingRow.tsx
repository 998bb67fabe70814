import type { TemperatureUnit } from '../../api/types';
import { Field } from '../../ui/Field';
import { TextBox } from '../../ui/TextBox';
import { unitSign } from '../../words/temperatures';
import type { ReadingDraft } from './checkDraft';

/** One piece's reading, and, where the rule counts it, how long it was held there. */
export function ReadingRow(props: {
  piece: number;
  row: ReadingDraft;
  unit: TemperatureUnit;
  active: boolean;
  error: string | undefined;
  holdSeconds: readonly number[];
  onFocus: () => void;
  onChange: (part: Partial<ReadingDraft>) => void;
}) {
  return (
    <Field label={`Piece ${props.piece}`} error={props.error}>
      {(ids) => (
        <div className="grid gap-1.5">
          <div className="relative">
            <TextBox
              ids={ids}
              value={props.row.text}
              inputMode="none"
              autoComplete="off"
              onFocus={props.onFocus}
              onText={(text) => props.onChange({ text, unitConfirmed: false })}
              className={`figures h-16 pr-14 text-3xl ${props.active ? 'outline-3 outline-heat -outline-offset-2' : ''}`}
            />
            <span
              aria-hidden
              className="pointer-events-none absolute inset-y-0 right-4 flex items-center text-ink-soft text-xl"
            >
              {unitSign(props.unit)}
            </span>
          </div>
          {props.holdSeconds.length > 0 && (
            <select
              aria-label={`How long piece ${props.piece} stayed there`}
              value={props.row.heldSeconds}
              onChange={(event) => props.onChange({ heldSeconds: Number(event.target.value) })}
              className="h-12 rounded-md border border-control-line bg-paper px-3"
            >
              <option value={0}>at a glance</option>
              {[...props.holdSeconds]
                .sort((a, b) => a - b)
                .map((seconds) => (
                  <option key={seconds} value={seconds}>
                    stayed {seconds < 60 ? `${seconds} s` : `${seconds / 60} min`}
                  </option>
                ))}
            </select>
          )}
        </div>
      )}
    </Field>
  );
}
