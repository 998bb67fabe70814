import { ArrowUp, Plus, Repeat, TriangleAlert, X } from 'lucide-react';
import { useState } from 'react';
import type { MixListed } from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { IconButton } from '../ui/IconButton';
import { Picker } from '../ui/Picker';
import { TextBox } from '../ui/TextBox';
import { sayLength } from '../words/amounts';
import { coatTimeWords } from '../words/food';
import { CoatChooser } from './CoatChooser';
import { again, type CoatDraft, coatName, gapBefore, isFollowed, timesOf } from './coatDraft';

/** Lengths cooks choose from, min. */
const lengths = [10, 15, 20, 30, 60, 120, 180, 240, 480, 720, 1440];
const USUAL = 'usual';

/** A lot's coats from the inside out, each with its time; the last row adds one. */
export function CoatList(props: {
  coats: readonly CoatDraft[];
  mixes: readonly MixListed[];
  /** What a coat that says nothing lies in, min. */
  usualSoak: number;
  /** The juices are poured off at some minute. */
  hasDrain: boolean;
  error: (field: string) => string | undefined;
  onChange: (coats: CoatDraft[]) => void;
}) {
  const { coats, error, onChange } = props;
  const [adding, setAdding] = useState(false);
  const change = (n: number, part: Partial<CoatDraft>) =>
    onChange(coats.map((coat, i) => (i === n ? { ...coat, ...part } : coat)));
  return (
    <div className="grid grid-cols-1 gap-2">
      {coats.length === 0 ? (
        <p className="text-ink-soft">Oil and salt, nothing else.</p>
      ) : (
        <ol aria-label="Coats, from the inside out" className="grid">
          {coats.map((coat, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the same coat may be on twice; its place tells them apart.
            <li key={i} className="grid gap-1 border-hairline border-t py-2 last:border-b">
              <div className="flex items-center gap-1">
                <span className="figures w-5 shrink-0 text-ink-soft">{i + 1}</span>
                <span className="min-w-0 grow font-semibold leading-tight first-letter:uppercase">
                  {coatName(coat)}
                </span>
                {i > 0 && (
                  <IconButton name={`${coatName(coat)} further in`} onClick={() => onChange(swapped(coats, i - 1))}>
                    <ArrowUp aria-hidden className="size-5" />
                  </IconButton>
                )}
                <IconButton
                  name={`Leave ${coatName(coat)} out`}
                  onClick={() => onChange(coats.filter((_, n) => n !== i))}
                >
                  <X aria-hidden className="size-5" />
                </IconButton>
              </div>
              <Times
                coat={coat}
                isLast={i === coats.length - 1}
                usualSoak={props.usualSoak}
                error={(field) => error(`coats[${i}].${field}`)}
                onChange={(part) => change(i, part)}
              />
              {coat.when === 'atMinute' && !isFollowed(coats, i) && (
                <Button
                  className="ml-6 justify-self-start"
                  onClick={() => onChange([...coats.slice(0, i + 1), again(coats, i), ...coats.slice(i + 1)])}
                >
                  <Repeat aria-hidden className="size-5" /> Again, {gapBefore(coats, i)} min later
                </Button>
              )}
            </li>
          ))}
        </ol>
      )}
      {error('coats') && <Wrong words={error('coats')} />}
      {error('coating') && <Wrong words={error('coating')} />}
      {adding ? (
        <>
          <CoatChooser
            mixes={props.mixes}
            onChoose={(coat) => {
              setAdding(false);
              const isTooSoon = coat.when === 'afterDraining' && !props.hasDrain;
              onChange([...coats, isTooSoon ? { ...coat, when: 'atTable' } : coat]);
            }}
          />
          <Button className="justify-self-start" onClick={() => setAdding(false)}>
            Leave it
          </Button>
        </>
      ) : (
        <Button className="justify-self-start" onClick={() => setAdding(true)}>
          <Plus aria-hidden className="size-5" /> {coats.length === 0 ? 'Coat it' : 'Another coat'}
        </Button>
      )}
    </div>
  );
}

/** A coat one place further in. */
function swapped(coats: readonly CoatDraft[], at: number): CoatDraft[] {
  const inner = coats[at + 1];
  const outer = coats[at];
  return inner && outer ? [...coats.slice(0, at), inner, outer, ...coats.slice(at + 2)] : [...coats];
}

function Times(props: {
  coat: CoatDraft;
  isLast: boolean;
  usualSoak: number;
  error: (field: string) => string | undefined;
  onChange: (part: Partial<CoatDraft>) => void;
}) {
  const { coat, error, onChange } = props;
  const times = timesOf(coat.kind);
  const shown = times.includes(coat.when) ? times : [...times, coat.when];
  return (
    <div className="grid gap-2 pl-6">
      <div className="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] items-start gap-2">
        {shown.length > 1 ? (
          <Field label="Goes on" error={error('when') ?? error('kind')}>
            {(ids) => (
              <Picker
                ids={ids}
                value={coat.when}
                options={shown.map((value) => ({ value, label: coatTimeWords[value] }))}
                onChange={(when) => onChange({ when })}
              />
            )}
          </Field>
        ) : (
          <Wrong words={error('when') ?? error('kind')} />
        )}
        {coat.when === 'atMinute' && (
          <Field label="Minute" error={error('atMinutes')}>
            {(ids) => (
              <TextBox
                ids={ids}
                value={coat.at}
                onText={(at) => onChange({ at })}
                inputMode="numeric"
                className="figures"
              />
            )}
          </Field>
        )}
        {coat.when === 'before' && (
          <Field label="For" error={error('soakMinutes')}>
            {(ids) => (
              <Picker
                ids={ids}
                value={coat.soak === null ? USUAL : String(coat.soak)}
                options={soakOptions(coat.soak, props.usualSoak)}
                onChange={(value) => onChange({ soak: value === USUAL ? null : Number(value) })}
              />
            )}
          </Field>
        )}
      </div>
      {(coat.kind === 'thickMarinade' || coat.kind === 'wetMarinade') && coat.when === 'before' && !props.isLast && (
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            checked={coat.scraped}
            onChange={(event) => onChange({ scraped: event.target.checked })}
            className="size-6 accent-ink"
          />
          Scraped off before the next
        </label>
      )}
    </div>
  );
}

function soakOptions(soak: number | null, usual: number) {
  const all = soak === null || lengths.includes(soak) ? lengths : [...lengths, soak].sort((a, b) => a - b);
  return [
    { value: USUAL, label: `as usual, ${sayLength(usual)}` },
    ...all.map((minutes) => ({ value: String(minutes), label: sayLength(minutes) })),
  ];
}

function Wrong({ words }: { words: string | undefined }) {
  if (!words) return null;
  return (
    <p role="alert" className="flex gap-1.5 font-medium text-[0.9rem] text-stop leading-snug">
      <TriangleAlert aria-hidden className="mt-0.5 size-4 shrink-0" />
      <span>{words}</span>
    </p>
  );
}
