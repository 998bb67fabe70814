import { X } from 'lucide-react';
import { useState } from 'react';
import type { AtTableView, EventRequest, Rating } from '../../api/types';
import { kitchenNow } from '../../clock/kitchenClock';
import type { WholeBake } from '../../kitchen/bakes';
import { useUnits } from '../../kitchen/household';
import { useSay } from '../../kitchen/log';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { Refusal } from '../../ui/Refusal';
import { Section } from '../../ui/Section';
import { TextBox } from '../../ui/TextBox';
import { sayNumber } from '../../words/numbers';
import { sayClock } from '../../words/times';
import { massSign, parseMass, parseVolume, sayVolume, volumeSign, volumeUnitOf } from '../../words/units';

/** How it was at table, by taps; what to do otherwise, in words. What was said last counts. */
export function AtTable({ bake, table }: { bake: WholeBake; table: AtTableView }) {
  const say = useSay(bake.id);
  const tell = (event: EventRequest) => say.mutate(event);
  return (
    <Section title="At table" summary={ratedWords(table)} defaultOpen>
      <ul className="grid gap-3 xl:grid-cols-2">
        {table.ratings.map((rating) => (
          <li key={`${rating.of}${rating.lot ?? ''}`}>
            <fieldset className="grid gap-1">
              <legend className="pb-1 font-semibold text-[0.95rem]">{rating.subject}</legend>
              <div className="flex flex-wrap gap-2">
                {rating.choices.map((choice) => (
                  <button
                    key={choice.value}
                    type="button"
                    aria-pressed={choice.value === rating.value}
                    onClick={() => tell(rated(rating.of, choice.value, rating.lot))}
                    className="min-h-11 rounded-full border border-control-line px-4 leading-tight aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-paper"
                  >
                    {choice.words}
                  </button>
                ))}
              </div>
            </fieldset>
          </li>
        ))}
      </ul>
      {!table.eatenAt && (
        <Button
          className="justify-self-start"
          onClick={() => tell({ kind: 'eaten', at: new Date(kitchenNow()).toISOString() })}
        >
          We are eating now
        </Button>
      )}
      <Said
        label="How it tasted"
        said={table.tasting}
        onSay={(text) => tell({ kind: 'tasted', text })}
        onTakeBack={(event) => tell({ kind: 'corrected', event })}
      />
      <Said
        label="Next time"
        hint="It comes up when this is baked again."
        said={table.nextTime}
        onSay={(text) => tell({ kind: 'nextTime', text })}
        onTakeBack={(event) => tell({ kind: 'corrected', event })}
      />
      <Weights bake={bake} table={table} onSay={tell} />
      <Refusal error={say.error} />
    </Section>
  );
}

const rated = (of: AtTableView['ratings'][number]['of'], rating: Rating, lot: number | null): EventRequest =>
  lot === null ? { kind: 'rated', of, rating } : { kind: 'rated', of, rating, lot };

const ratedWords = (table: AtTableView) => {
  const said = table.ratings.filter((rating) => rating.value);
  return said.length === 0
    ? 'say how it was'
    : said
        .map((rating) => `${rating.subject} ${rating.choices.find((choice) => choice.value === rating.value)?.words}`)
        .join(', ');
};

/** Lines in the cook's own words, each to be taken back. */
function Said(props: {
  label: string;
  hint?: string;
  said: AtTableView['tasting'];
  onSay: (text: string) => void;
  onTakeBack: (seq: number) => void;
}) {
  const [text, setText] = useState('');
  const write = () => {
    if (text.trim() === '') return;
    props.onSay(text.trim());
    setText('');
  };
  return (
    <div className="grid gap-1">
      <Field label={props.label} hint={props.hint}>
        {(ids) => (
          <div className="flex gap-2">
            <TextBox
              ids={ids}
              value={text}
              maxLength={500}
              onText={setText}
              onKeyDown={(event) => event.key === 'Enter' && write()}
            />
            <Button className="shrink-0 whitespace-nowrap" onClick={write} disabled={text.trim() === ''}>
              Write down
            </Button>
          </div>
        )}
      </Field>
      <ul>
        {props.said.map((one) => (
          <li key={one.seq} className="flex items-center justify-between gap-2 border-hairline border-t">
            <span className="min-w-0 break-words">{one.text}</span>
            <IconButton name={`Take “${one.text}” back`} onClick={() => props.onTakeBack(one.seq)}>
              <X aria-hidden className="size-5" />
            </IconButton>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What is left of each food, for who has a scale at hand, and the juices that were kept. */
function Weights(props: { bake: WholeBake; table: AtTableView; onSay: (event: EventRequest) => void }) {
  const units = useUnits();
  const [typed, setTyped] = useState<Record<number, string>>({});
  const [stock, setStock] = useState('');
  const { stockMl } = props.table;
  const volumeUnit = volumeUnitOf(units);
  const writeStock = () => {
    const millilitres = Math.round(parseVolume(stock, volumeUnit) ?? Number.NaN);
    if (millilitres >= 0 && millilitres !== stockMl) props.onSay({ kind: 'stock', millilitres });
  };
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      {props.bake.lots.map((lot) => {
        const weight = props.table.weights.find((one) => one.lot === lot.lot);
        const write = () => {
          const value = parseMass(typed[lot.lot] ?? '', units.mass);
          if (value) props.onSay({ kind: 'weighed', lot: lot.lot, mass: { value, unit: units.mass } });
        };
        return (
          <Field
            key={lot.lot}
            label={`${lot.name.charAt(0).toUpperCase()}${lot.name.slice(1)} after baking`}
            hint={
              weight
                ? `${sayNumber(weight.mass.value)} ${massSign[weight.mass.unit]}${weight.leftShare ? `, ${Math.round(100 * weight.leftShare)} % of what went in` : ''}`
                : `If you weigh it: ${massSign[units.mass]}`
            }
          >
            {(ids) => (
              <TextBox
                ids={ids}
                inputMode="decimal"
                value={typed[lot.lot] ?? ''}
                onText={(text) => setTyped({ ...typed, [lot.lot]: text })}
                onBlur={write}
                onKeyDown={(event) => event.key === 'Enter' && write()}
              />
            )}
          </Field>
        );
      })}
      <Field
        label="Juices or stock kept"
        hint={stockMl === null ? `If you keep any: ${volumeSign[volumeUnit]}` : sayVolume(stockMl, units)}
      >
        {(ids) => (
          <TextBox
            ids={ids}
            inputMode="decimal"
            value={stock}
            onText={setStock}
            onBlur={writeStock}
            onKeyDown={(event) => event.key === 'Enter' && writeStock()}
          />
        )}
      </Field>
      {props.table.eatenAt && <p className="self-end text-ink-soft">Eaten at {sayClock(props.table.eatenAt)}.</p>}
    </div>
  );
}
