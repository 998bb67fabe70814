import { useState } from 'react';
import type { BirdChoice } from '../../../api/types';
import { useUnits } from '../../../kitchen/household';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { TextBox } from '../../../ui/TextBox';
import { sayNumber } from '../../../words/numbers';
import { massIn, massSign, parseMass, sayMass } from '../../../words/units';

/** A whole bird, weighed as bought: its parts go onto the tray with what it gives of each. */
export function BirdPanel(props: {
  bird: BirdChoice;
  massG: number;
  onAdd: (massG: number) => void;
  onLeave: () => void;
}) {
  const { bird } = props;
  const units = useUnits();
  const [mass, setMass] = useState(sayNumber(massIn(props.massG, 'gram', units.mass)));
  const typed = parseMass(mass, units.mass);
  const grams = typed === null ? null : massIn(typed, units.mass, 'gram');
  const fits = grams !== null && grams >= bird.leastMassG && grams <= bird.mostMassG;
  return (
    <div className="flex flex-wrap items-end gap-2">
      <div className="w-44">
        <Field
          label={`The bird weighs, ${massSign[units.mass]}`}
          error={
            fits
              ? undefined
              : `A whole bird weighs ${sayMass(bird.leastMassG, units)} to ${sayMass(bird.mostMassG, units)}.`
          }
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
