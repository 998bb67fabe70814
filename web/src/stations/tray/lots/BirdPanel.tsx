import { useState } from 'react';
import type { BirdChoice } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { TextBox } from '../../../ui/TextBox';
import { parseNumber, sayNumber } from '../../../words/numbers';

/** A whole bird, weighed as bought: its parts go onto the tray with what it gives of each. */
export function BirdPanel(props: {
  bird: BirdChoice;
  massG: number;
  onAdd: (massG: number) => void;
  onLeave: () => void;
}) {
  const { bird } = props;
  const [mass, setMass] = useState(sayNumber(props.massG));
  const grams = parseNumber(mass);
  const fits = grams !== null && grams >= bird.leastMassG && grams <= bird.mostMassG;
  return (
    <div className="flex flex-wrap items-end gap-2">
      <div className="w-44">
        <Field
          label="The bird weighs, g"
          error={fits ? undefined : `A whole bird weighs ${bird.leastMassG} to ${bird.mostMassG} g.`}
        >
          {(ids) => <TextBox ids={ids} value={mass} inputMode="decimal" onText={setMass} className="figures" />}
        </Field>
      </div>
      <Button look="heat" disabled={!fits} onClick={() => fits && props.onAdd(grams)}>
        Add its parts
      </Button>
      <Button onClick={props.onLeave}>Not now</Button>
    </div>
  );
}
