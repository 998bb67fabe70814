import { Plus, X } from 'lucide-react';
import type { Household, HouseOven, LengthUnit, TemperatureUnit } from '../../api/types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { Section } from '../../ui/Section';
import { anotherOven, dialIn, offsetFrom, offsetText, ovenSummary, withUsualFirst } from '../../words/household';
import { sayNumber } from '../../words/numbers';
import { unitSign } from '../../words/temperatures';
import { lengthIn, lengthSign, parseLength, parseQuantity, parseTemperature } from '../../words/units';
import { Typed } from './Typed';

const MOST_OVENS = 4;

/** The ovens of a kitchen: a name and its air, and the rest for who knows it. */
export function OvensFields(props: {
  kitchen: Household;
  error: (field: string) => string | undefined;
  /** What becomes of the ovens that there are then. */
  onChange: (next: (ovens: readonly HouseOven[]) => HouseOven[]) => void;
}) {
  const { ovens } = props.kitchen;
  return (
    <div className="grid gap-2">
      <h3 className="font-semibold text-[0.95rem]">{ovens.length > 1 ? 'Ovens, the usual one first' : 'The oven'}</h3>
      <ul className="grid gap-2">
        {ovens.map((oven, at) => (
          <OvenItem
            // biome-ignore lint/suspicious/noArrayIndexKey: two may be alike; their place tells them apart.
            key={at}
            oven={oven}
            at={at}
            kitchen={props.kitchen}
            error={(field) => props.error(`ovens[${at}].${field}`)}
            onChange={(part) =>
              props.onChange((all) => all.map((other, i) => (i === at ? { ...other, ...part } : other)))
            }
            onGone={() => props.onChange((all) => all.filter((_, i) => i !== at))}
            onUsual={() => props.onChange((all) => withUsualFirst(all, at))}
          />
        ))}
      </ul>
      {ovens.length < MOST_OVENS && (
        <Button className="justify-self-start" onClick={() => props.onChange((all) => [...all, anotherOven(all)])}>
          <Plus aria-hidden className="size-5" /> Another oven
        </Button>
      )}
    </div>
  );
}

function OvenItem(props: {
  oven: HouseOven;
  at: number;
  kitchen: Household;
  error: (field: string) => string | undefined;
  onChange: (part: Partial<HouseOven>) => void;
  onGone: () => void;
  onUsual: () => void;
}) {
  const { oven, kitchen, error, onChange } = props;
  const { temperature, length } = kitchen;
  const dial = (typed: HouseOven['highest']) => (typed ? sayNumber(dialIn(typed, temperature)) : '');
  const side = (typed: HouseOven['width']) => (typed ? sayNumber(lengthIn(typed.value, typed.unit, length)) : '');
  const rest = ['hasGrill', 'lowest', 'highest', 'shelves', 'runsHotBy', 'preheatMinutes', 'width', 'depth'];
  const name = (what: string) => `${what} of ${oven.name}`;
  return (
    <li className="grid gap-1 border-hairline border-t pt-2">
      <div className="flex items-start gap-1">
        <div className="grow">
          <Field label={`Name of oven ${props.at + 1}`} error={error('name')}>
            {(ids) => <Typed ids={ids} value={oven.name} onSaid={(said) => onChange({ name: said })} />}
          </Field>
        </div>
        <div className="flex pt-6.5">
          <IconButton name={`${oven.name} is gone`} disabled={kitchen.ovens.length === 1} onClick={props.onGone}>
            <X aria-hidden className="size-5" />
          </IconButton>
        </div>
      </div>
      <Choice
        label={name('Kind of heat')}
        value={oven.air}
        options={[
          { value: 'still', label: 'Still' },
          { value: 'fan', label: 'Fan' },
        ]}
        onChange={(air) => onChange({ air })}
      />
      <Section
        title="What you know of it"
        summary={ovenSummary(oven, temperature)}
        isWrong={rest.some((field) => error(field) !== undefined)}
      >
        <Field
          label="By a thermometer inside it is"
          hint={`Against its dial: “9 cooler”, “5 hotter”; nothing where you never looked.`}
          error={error('runsHotBy')}
        >
          {(ids) => (
            <Typed
              ids={ids}
              value={offsetText(oven.runsHotBy, temperature)}
              placeholder="as its dial says"
              sign={unitSign(temperature)}
              onSaid={(text) => onChange({ runsHotBy: offsetFrom(text, temperature) })}
            />
          )}
        </Field>
        <div className="grid grid-cols-2 gap-3">
          {(['lowest', 'highest'] as const).map((end) => (
            <Field key={end} label={end === 'lowest' ? 'Its dial goes from' : 'Up to'} error={error(end)}>
              {(ids) => (
                <Typed
                  ids={ids}
                  value={dial(oven[end])}
                  sign={unitSign(temperature)}
                  onSaid={(text) => onChange({ [end]: dialFrom(text, temperature) })}
                />
              )}
            </Field>
          ))}
          {(['width', 'depth'] as const).map((way) => (
            <Field key={way} label={way === 'width' ? 'A shelf, side to side' : 'Door to back'} error={error(way)}>
              {(ids) => (
                <Typed
                  ids={ids}
                  value={side(oven[way])}
                  sign={lengthSign[length]}
                  onSaid={(text) => onChange({ [way]: sideFrom(text, length) })}
                />
              )}
            </Field>
          ))}
          <Field
            label={temperature === 'celsius' ? 'At 200 °C after, min' : 'At 400 °F after, min'}
            error={error('preheatMinutes')}
          >
            {(ids) => (
              <Typed
                ids={ids}
                value={String(oven.preheatMinutes ?? USUAL_PREHEAT_MIN)}
                onSaid={(text) => onChange({ preheatMinutes: Math.round(parseQuantity(text) ?? 0) })}
              />
            )}
          </Field>
          <Field label="Trays at once" error={error('shelves')}>
            {() => (
              <Choice
                label={name('Trays at once')}
                value={String(oven.shelves ?? 3)}
                options={['1', '2', '3'].map((value) => ({ value, label: value }))}
                onChange={(shelves) => onChange({ shelves: Number(shelves) })}
              />
            )}
          </Field>
        </div>
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            checked={oven.hasGrill ?? true}
            onChange={(event) => onChange({ hasGrill: event.target.checked })}
            className="size-6 accent-ink"
          />
          It has a grill
        </label>
        {props.at > 0 && (
          <Button className="justify-self-start" onClick={props.onUsual}>
            Bake in it as a rule
          </Button>
        )}
      </Section>
    </li>
  );
}

const USUAL_PREHEAT_MIN = 15;

/** Nothing typed is nothing known; what is no number is refused by the server, at its field. */
const dialFrom = (text: string, unit: TemperatureUnit): HouseOven['highest'] =>
  text.trim() === '' ? null : { value: parseTemperature(text, unit) ?? Number.NaN, unit };

const sideFrom = (text: string, unit: LengthUnit): HouseOven['width'] =>
  text.trim() === '' ? null : { value: parseLength(text, unit) ?? Number.NaN, unit };
