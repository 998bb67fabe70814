import { useState } from 'react';
import { keptOnDevice } from '../../alarm/keptOnDevice';
import { Problem } from '../../api/problem';
import type { TemperatureUnit } from '../../api/types';
import type { WholeBake } from '../../kitchen/bakes';
import { useLookAtTable, useReadTable } from '../../kitchen/exports';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Refusal } from '../../ui/Refusal';
import { pieceKey, piecesOf } from './pieces';

/** What the columns of an export were taken for, by all its headers: the next one of the same thermometer is read alike. */
interface Meaning {
  time: string;
  unit: TemperatureUnit;
  /** The piece of each column, "lot.piece"; columns that are left out are missing. */
  pieces: Record<string, string>;
}

const meanings = keptOnDevice<Record<string, Meaning>>('exports', {});

/** A thermometer's file: which column is the time, and which piece each of the others was in. */
export function ExportPanel({ bake }: { bake: WholeBake }) {
  const look = useLookAtTable();
  const read = useReadTable(bake.id);
  const [text, setText] = useState('');
  const [meaning, setMeaning] = useState<Meaning | null>(null);
  const table = look.data;
  const pieces = piecesOf(bake);
  const key = table?.headers.join('|') ?? '';
  const open = async (file: File | undefined) => {
    if (!file) return;
    read.reset();
    const content = await file.text();
    setText(content);
    look.mutate(content, {
      onSuccess: (found) =>
        setMeaning(
          meanings.get()[found.headers.join('|')] ?? {
            time: found.time ?? found.headers[0] ?? '',
            unit: bake.plan.ovenSetting.unit,
            pieces: {},
          },
        ),
    });
  };
  const columns = Object.entries(meaning?.pieces ?? {}).flatMap(([header, of]) => {
    const piece = pieces.find((one) => pieceKey(one) === of);
    return piece ? [{ header, lot: piece.lot, piece: piece.piece }] : [];
  });
  const problem = read.error instanceof Problem ? Object.values(read.error.fields)[0] : undefined;
  return (
    <div className="grid gap-2">
      <label className="grid gap-1">
        <span className="font-semibold text-[0.95rem]">A thermometer’s file (CSV)</span>
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          onChange={(event) => void open(event.target.files?.[0])}
          className="min-h-11 text-base file:mr-3 file:min-h-11 file:rounded-md file:border file:border-control-line file:bg-paper file:px-4 file:text-ink"
        />
      </label>
      <Refusal error={look.error} />
      {table && meaning && (
        <>
          <Picked
            label="Time"
            value={meaning.time}
            options={table.headers.map((header) => ({ value: header, label: header }))}
            onChange={(time) => setMeaning({ ...meaning, time })}
          />
          {table.values.map((header) => (
            <Picked
              key={header}
              label={header}
              value={meaning.pieces[header] ?? ''}
              options={[
                { value: '', label: 'not in a piece: leave it out' },
                ...pieces.map((piece) => ({ value: pieceKey(piece), label: `in ${piece.name}` })),
              ]}
              onChange={(of) => setMeaning({ ...meaning, pieces: { ...meaning.pieces, [header]: of } })}
            />
          ))}
          <Choice
            label="Its unit"
            value={meaning.unit}
            options={[
              { value: 'celsius', label: '°C' },
              { value: 'fahrenheit', label: '°F' },
            ]}
            onChange={(unit) => setMeaning({ ...meaning, unit })}
          />
          <Button
            big
            disabled={read.isPending || columns.length === 0}
            onClick={() => {
              meanings.set({ ...meanings.get(), [key]: meaning });
              read.mutate({ text, time: meaning.time, unit: meaning.unit, columns });
            }}
          >
            Read {table.rows} rows
          </Button>
          {read.data && (
            <p role="status">
              {read.data.kept} readings kept
              {read.data.refusedCount > 0 &&
                `; ${read.data.refusedCount} rows refused: ${read.data.refused[0]?.sentence}`}
            </p>
          )}
          {problem ? (
            <p role="alert" className="font-medium text-stop">
              {problem}
            </p>
          ) : (
            <Refusal error={read.error} />
          )}
        </>
      )}
    </div>
  );
}

function Picked(props: {
  label: string;
  value: string;
  options: { value: string; label: string }[];
  onChange: (value: string) => void;
}) {
  return (
    <label className="grid grid-cols-[8rem_minmax(0,1fr)] items-center gap-3">
      <span className="truncate">{props.label}</span>
      <select
        value={props.value}
        onChange={(event) => props.onChange(event.target.value)}
        className="h-11 min-w-0 rounded-md border border-control-line bg-paper px-3"
      >
        {props.options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </label>
  );
}
