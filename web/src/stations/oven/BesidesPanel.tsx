import { useState } from 'react';
import { Problem } from '../../api/problem';
import type { EventRequest, OvenShelf, StepKind } from '../../api/types';
import { told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Refusal } from '../../ui/Refusal';
import { TextBox } from '../../ui/TextBox';
import { shelfWords } from '../../words/food';
import { parseNumber } from '../../words/numbers';
import { unitSign } from '../../words/temperatures';

const shelves = Object.entries(shelfWords) as [OvenShelf, string][];

const besides: readonly { step: StepKind; name: string }[] = [
  { step: 'cover', name: 'Foil went on' },
  { step: 'uncover', name: 'Foil came off' },
  { step: 'turn', name: 'Pieces turned' },
  { step: 'baste', name: 'Basted' },
  { step: 'drain', name: 'Juices poured off' },
  { step: 'look', name: 'Door was open' },
  { step: 'rotate', name: 'Tray turned round' },
];

/** What nobody had planned: one tap, or a number for the dial; what comes follows from it. */
export function BesidesPanel({ bake, onTold }: { bake: WholeBake; onTold: () => void }) {
  const tell = useTell(bake.id);
  const [dial, setDial] = useState('');
  const [air, setAir] = useState('');
  const [sauce, setSauce] = useState('20');
  const [tray, setTray] = useState('0');
  const { unit } = bake.plan.ovenSetting;
  const problem = tell.error instanceof Problem ? tell.error : null;
  const dialProblem = problem?.at('events[0].setting.value');
  const airProblem = problem?.at('events[0].value');
  const sauceProblem = problem?.at('events[0].minutes');
  const say = (event: EventRequest) => tell.mutate([told(event)], { onSuccess: onTold });
  const two = bake.plan.vessels.length > 1;
  const steps = two ? [...besides, { step: 'swap' as const, name: 'Trays swapped' }] : besides;
  return (
    <section
      aria-label="Something else happened"
      className="flex flex-wrap items-end gap-3 border-hairline border-y py-3"
    >
      <div className="flex basis-full flex-wrap gap-3">
        {steps.map(({ step, name }) => (
          <Button key={step} big busy={tell.isPending} onClick={() => say({ kind: 'did', step })}>
            {name}
          </Button>
        ))}
      </div>
      <form
        className="flex items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          say({ kind: 'ovenSet', setting: { value: parseNumber(dial), unit } });
        }}
      >
        <div className="w-28">
          <Field label={`Dial, ${unitSign(unit)}`} error={dialProblem}>
            {(ids) => (
              <TextBox ids={ids} value={dial} inputMode="decimal" onText={setDial} className="figures h-16 text-2xl" />
            )}
          </Field>
        </div>
        <Button big type="submit" busy={tell.isPending} disabled={dial.trim() === ''}>
          Set
        </Button>
      </form>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          say({ kind: 'air', value: parseNumber(air), unit });
        }}
      >
        <div className="w-44">
          <Field label={`Air in the oven, ${unitSign(unit)}`} error={airProblem}>
            {(ids) => (
              <TextBox ids={ids} value={air} inputMode="decimal" onText={setAir} className="figures h-16 text-2xl" />
            )}
          </Field>
        </div>
        <Button big type="submit" busy={tell.isPending} disabled={air.trim() === ''}>
          A thermometer shows it
        </Button>
      </form>
      <form
        className="flex items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          say({ kind: 'did', step: 'baste', minutes: parseNumber(sauce) ?? 0 });
        }}
      >
        <div className="w-28">
          <Field label="Sauce, min more" error={sauceProblem}>
            {(ids) => (
              <TextBox
                ids={ids}
                value={sauce}
                inputMode="numeric"
                onText={setSauce}
                className="figures h-16 text-2xl"
              />
            )}
          </Field>
        </div>
        <Button big type="submit" busy={tell.isPending} disabled={sauce.trim() === ''}>
          Sauce went over
        </Button>
      </form>
      <fieldset className="flex flex-wrap items-end gap-3">
        <legend className="pb-1 text-base text-ink-soft">{two ? 'A tray' : 'The tray'} was moved</legend>
        {two && (
          <Choice
            label="Which tray"
            value={tray}
            options={bake.plan.vessels.map((_, n) => ({ value: String(n), label: `tray ${n + 1}` }))}
            onChange={setTray}
          />
        )}
        {shelves.map(([shelf, name]) => (
          <Button
            key={shelf}
            big
            busy={tell.isPending}
            onClick={() => say({ kind: 'did', step: 'shelf', shelf, vessel: Number(tray) })}
          >
            {name === 'the middle' ? 'to the middle' : name}
          </Button>
        ))}
      </fieldset>
      {!dialProblem && !airProblem && !sauceProblem && <Refusal error={tell.error} />}
    </section>
  );
}
