import { useState } from 'react';
import { forgetTemperature, stopTimer, temperatures, timers } from '../../alarm/timers';
import { mayNotify } from '../../alarm/useAlarm';
import { type Wishes, wish, wishes } from '../../alarm/wishes';
import { newCommandId } from '../../api/commandId';
import type { WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { TextBox } from '../../ui/TextBox';
import { parseNumber } from '../../words/numbers';
import { celsiusOf, sayTyped, unitSign } from '../../words/temperatures';
import { MINUTE_MS, sayElapsed } from '../../words/times';
import { ExportPanel } from './ExportPanel';

const LONGEST_MIN = 600;
const ways: readonly { name: keyof Wishes; words: string }[] = [
  { name: 'milestones', words: 'Chime half-way, 10 min and 5° before' },
  { name: 'spoken', words: 'Say it aloud' },
  { name: 'notices', words: 'Notice while this page is out of sight' },
];

/** Timers for what is not on the tray, a temperature to be told of, and how this device calls. */
export function TimersPanel({ bake, now }: { bake: WholeBake; now: number }) {
  const running = timers.use();
  const wanted = temperatures.use().filter((one) => one.bakeId === bake.id);
  return (
    <section aria-label="Timers and alarms" className="grid gap-3 border-hairline border-y py-3">
      <NewTimer now={now} />
      <NewTemperature bake={bake} />
      {(running.length > 0 || wanted.length > 0) && (
        <ul className="figures text-xl">
          {running.map((timer) => (
            <li key={timer.id} className="flex items-center justify-between gap-4 py-1">
              <span>
                {timer.name} <b className="font-semibold">{sayElapsed(timer.endsMs - now)}</b>
              </span>
              <Button onClick={() => stopTimer(timer.id)}>Stop it</Button>
            </li>
          ))}
          {wanted.map((one) => (
            <li key={one.id} className="flex items-center justify-between gap-4 py-1">
              <span className="first-letter:uppercase">
                {bake.lots.find((lot) => lot.lot === one.lot)?.name} at {one.said}
              </span>
              <Button onClick={() => forgetTemperature(one.id)}>Forget it</Button>
            </li>
          ))}
        </ul>
      )}
      <Ways />
      <ExportPanel bake={bake} />
    </section>
  );
}

/** "Rice 04:12", while any runs. */
export function RunningTimers({ now }: { now: number }) {
  const running = timers.use().filter((timer) => timer.endsMs > now);
  if (running.length === 0) return null;
  return (
    <ul aria-label="Running timers" className="figures flex flex-wrap gap-x-6 text-2xl">
      {running.map((timer) => (
        <li key={timer.id} className="first-letter:uppercase">
          {timer.name} <b className="font-semibold">{sayElapsed(timer.endsMs - now)}</b>
        </li>
      ))}
    </ul>
  );
}

function NewTimer({ now }: { now: number }) {
  const [name, setName] = useState('');
  const [minutes, setMinutes] = useState('');
  const [error, setError] = useState<string>();
  return (
    <form
      className="grid grid-cols-[minmax(0,1fr)_7rem_auto] items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        const length = parseNumber(minutes) ?? 0;
        if (!(length > 0 && length <= LONGEST_MIN)) {
          setError(`From 1 to ${LONGEST_MIN} min.`);
          return;
        }
        setError(undefined);
        timers.set([
          ...timers.get(),
          { id: newCommandId(), name: name.trim() || 'Timer', endsMs: now + length * MINUTE_MS },
        ]);
        setName('');
        setMinutes('');
      }}
    >
      <Field label="Timer for">
        {(ids) => <TextBox ids={ids} value={name} onText={setName} maxLength={30} placeholder="rice" />}
      </Field>
      <Field label="Minutes" error={error}>
        {(ids) => <TextBox ids={ids} value={minutes} inputMode="decimal" onText={setMinutes} className="figures" />}
      </Field>
      <Button type="submit" disabled={minutes.trim() === ''}>
        Start it
      </Button>
    </form>
  );
}

function NewTemperature({ bake }: { bake: WholeBake }) {
  const chicken = bake.lots.filter((lot) => lot.isChicken && !lot.isOff);
  const { unit } = bake.plan.ovenSetting;
  const [lot, setLot] = useState(chicken[0]?.lot ?? 0);
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  return (
    <form
      className="grid grid-cols-[minmax(0,1fr)_7rem_auto] items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        const typed = { value: parseNumber(text) ?? Number.NaN, unit };
        const celsius = celsiusOf(typed);
        if (!(celsius > 0 && celsius < 100)) {
          setError('A temperature that meat can have.');
          return;
        }
        setError(undefined);
        temperatures.set([
          ...temperatures.get(),
          { id: newCommandId(), bakeId: bake.id, lot, celsius, said: sayTyped(typed) },
        ]);
        setText('');
      }}
    >
      <Field label="Tell me when">
        {(ids) => (
          <select
            id={ids.id}
            value={lot}
            onChange={(event) => setLot(Number(event.target.value))}
            className="h-11 w-full min-w-0 rounded-md border border-control-line bg-paper px-3"
          >
            {chicken.map((one) => (
              <option key={one.lot} value={one.lot}>
                {one.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label={`are at ${unitSign(unit)}`} error={error}>
        {(ids) => <TextBox ids={ids} value={text} inputMode="decimal" onText={setText} className="figures" />}
      </Field>
      <Button type="submit" disabled={text.trim() === ''}>
        Watch it
      </Button>
    </form>
  );
}

function Ways() {
  const wished = wishes.use();
  const [refused, setRefused] = useState(false);
  const change = async (name: keyof Wishes) => {
    const isOn = !wished[name];
    const mayNot = name === 'notices' && isOn && !(await mayNotify());
    setRefused(mayNot);
    if (!mayNot) wish({ [name]: isOn });
  };
  return (
    <div className="grid gap-1">
      {ways.map((way) => (
        <label key={way.name} className="flex min-h-11 cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            checked={wished[way.name]}
            onChange={() => void change(way.name)}
            className="size-6 accent-(--heat)"
          />
          {way.words}
        </label>
      ))}
      {refused && <p role="alert">This browser does not let the page send notices: allow it in its settings.</p>}
    </div>
  );
}
