import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Problem } from '../../api/problem';
import { useCheck } from '../../api/queries';
import type { LiveBake, TemperatureUnit } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { TextBox } from '../../ui/TextBox';
import { checkFrom, emptyReading, press, type ReadingDraft } from './checkDraft';
import { Keypad } from './Keypad';
import { ReadingRow } from './ReadingRow';

/** Readings in, piece by piece, by keypad or keyboard; a note by eye beside them. */
export function CheckPad(props: { bake: LiveBake; probePlace: string; holdSeconds: readonly number[] }) {
  const { plan, pieces, id } = props.bake.record;
  const check = useCheck();
  const [rows, setRows] = useState<ReadingDraft[]>(() => Array(Math.min(2, pieces)).fill(emptyReading));
  const [active, setActive] = useState(0);
  const [unit, setUnit] = useState<TemperatureUnit>(plan.targetCore.unit);
  const [note, setNote] = useState('');
  const [sentRows, setSentRows] = useState<number[]>([]);
  const problem = check.error instanceof Problem ? check.error : null;

  const setRow = (index: number, part: Partial<ReadingDraft>) => {
    setRows((before) => before.map((row, i) => (i === index ? { ...row, ...part } : row)));
    check.reset();
  };
  const send = (unitNow: TemperatureUnit, rowsNow: readonly ReadingDraft[]) => {
    const { check: body, rowOf } = checkFrom(rowsNow, unitNow, note);
    setSentRows(rowOf);
    check.mutate(
      { id, check: body },
      {
        onSuccess: () => {
          // What was typed while this was on its way stays.
          setRows((before) => before.map((row, i) => (row === rowsNow[i] ? emptyReading : row)));
          setActive(0);
          setNote('');
          // On a tablet the verdict stands above what has just been tapped.
          window.scrollTo({ top: 0 });
        },
      },
    );
  };
  const errorOf = (row: number) => {
    const place = sentRows.indexOf(row);
    return place < 0 ? undefined : problem?.at(`readings[${place}]`);
  };
  const answerUnit = (asTyped: boolean) => {
    const confirmed = rows.map((row) => ({ ...row, unitConfirmed: asTyped }));
    const meant = asTyped ? unit : unit === 'celsius' ? 'fahrenheit' : 'celsius';
    setRows(confirmed);
    setUnit(meant);
    send(meant, confirmed);
  };

  return (
    <section aria-label="Check" className="grid content-start gap-3">
      <div className="flex items-center justify-between gap-4">
        <h2 className="font-semibold text-2xl">Check</h2>
        <div className="w-36">
          <Choice
            label="Thermometer shows"
            value={unit}
            options={[
              { value: 'celsius', label: '°C' },
              { value: 'fahrenheit', label: '°F' },
            ]}
            onChange={(next) => {
              setUnit(next);
              check.reset();
            }}
          />
        </div>
      </div>
      <p className="text-ink-soft leading-snug">Largest piece first. {props.probePlace}</p>
      <div className="grid grid-cols-[minmax(0,1fr)_17rem] items-start gap-4">
        <div className="grid gap-2">
          {rows.map((row, index) => (
            <ReadingRow
              // biome-ignore lint/suspicious/noArrayIndexKey: a row is its piece's number.
              key={index}
              piece={index + 1}
              row={row}
              unit={unit}
              active={index === active}
              error={errorOf(index)}
              holdSeconds={props.holdSeconds}
              onFocus={() => setActive(index)}
              onChange={(part) => setRow(index, part)}
            />
          ))}
          {rows.length < pieces && (
            <Button
              className="justify-self-start"
              onClick={() => {
                setRows([...rows, emptyReading]);
                setActive(rows.length);
              }}
            >
              <Plus aria-hidden className="size-5" />
              Another piece
            </Button>
          )}
        </div>
        <Keypad onKey={(key) => setRow(active, { text: press(rows[active]?.text ?? '', key), unitConfirmed: false })} />
      </div>
      {problem?.asksUnit && (
        <div className="grid grid-cols-2 gap-2">
          <Button big onClick={() => answerUnit(true)}>
            It was {unit === 'celsius' ? '°C' : '°F'}
          </Button>
          <Button big onClick={() => answerUnit(false)}>
            It was {unit === 'celsius' ? '°F' : '°C'}
          </Button>
        </div>
      )}
      <Field label="Seen by eye (kept, never counts)" error={problem?.at('note')}>
        {(ids) => (
          <TextBox
            ids={ids}
            value={note}
            onText={setNote}
            maxLength={500}
            placeholder="juices, colour, crumb"
            className="placeholder:text-ink-soft"
          />
        )}
      </Field>
      <Button look="heat" big disabled={check.isPending} onClick={() => send(unit, rows)}>
        Judge these readings
      </Button>
      {problem && !problem.asksUnit && (problem.at('readings') || Object.keys(problem.fields).length === 0) && (
        <p role="alert" className="font-medium text-stop">
          {problem.at('readings') ?? problem.message}
        </p>
      )}
    </section>
  );
}
