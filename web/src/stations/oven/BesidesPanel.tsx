import { useState } from 'react';
import { Problem } from '../../api/problem';
import type { StepKind } from '../../api/types';
import { told, useTell, type WholeBake } from '../../kitchen/bakes';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Refusal } from '../../ui/Refusal';
import { TextBox } from '../../ui/TextBox';
import { parseNumber } from '../../words/numbers';
import { unitSign } from '../../words/temperatures';

const besides: readonly { step: StepKind; name: string }[] = [
  { step: 'cover', name: 'Foil went on' },
  { step: 'uncover', name: 'Foil came off' },
  { step: 'turn', name: 'Pieces turned' },
  { step: 'baste', name: 'Basted or sauced' },
  { step: 'drain', name: 'Juices poured off' },
  { step: 'rotate', name: 'Tray turned round' },
];

/** What nobody had planned: one tap, or a number for the dial; what comes follows from it. */
export function BesidesPanel({ bake, onTold }: { bake: WholeBake; onTold: () => void }) {
  const tell = useTell(bake.id);
  const [dial, setDial] = useState('');
  const { unit } = bake.plan.ovenSetting;
  const problem = tell.error instanceof Problem ? tell.error : null;
  const dialProblem = problem?.at('events[0].setting.value');
  const steps = bake.plan.vessels.length > 1 ? [...besides, { step: 'swap' as const, name: 'Trays swapped' }] : besides;
  return (
    <section
      aria-label="Something else happened"
      className="flex flex-wrap items-end gap-3 border-hairline border-y py-3"
    >
      {steps.map(({ step, name }) => (
        <Button
          key={step}
          big
          disabled={tell.isPending}
          onClick={() => tell.mutate([told({ kind: 'did', step })], { onSuccess: onTold })}
        >
          {name}
        </Button>
      ))}
      <form
        className="flex items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          tell.mutate([told({ kind: 'ovenSet', setting: { value: parseNumber(dial), unit } })], { onSuccess: onTold });
        }}
      >
        <div className="w-28">
          <Field label={`Dial, ${unitSign(unit)}`} error={dialProblem}>
            {(ids) => (
              <TextBox ids={ids} value={dial} inputMode="decimal" onText={setDial} className="figures h-16 text-2xl" />
            )}
          </Field>
        </div>
        <Button big type="submit" disabled={tell.isPending || dial.trim() === ''}>
          Set
        </Button>
      </form>
      {!dialProblem && <Refusal error={tell.error} />}
    </section>
  );
}
