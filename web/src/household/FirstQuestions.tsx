import { useState } from 'react';
import type { Household, HouseholdView, OwnedVessel } from '../api/types';
import { useSaveHousehold } from '../kitchen/household';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Refusal } from '../ui/Refusal';
import { ownedVessel, withUnitsOf } from '../words/household';

/** Three questions, asked once: they may be passed over, and what was not said is the usual. */
export function FirstQuestions({ view }: { view: HouseholdView }) {
  const [kitchen, setKitchen] = useState<Household>(view.household);
  const save = useSaveHousehold();
  const vessel = kitchen.vessels[0]?.vessel.kind ?? 'halfSheet';
  return (
    <section aria-label="Your kitchen, once" className="grid max-w-xl content-center gap-4 text-left">
      <h2 className="font-semibold text-2xl">Your kitchen, once</h2>
      <Field label="You read">
        {() => (
          <Choice
            label="You read"
            value={kitchen.temperature}
            options={[
              { value: 'celsius', label: '°C and grams' },
              { value: 'fahrenheit', label: '°F and ounces' },
            ]}
            onChange={(unit) => setKitchen(withUnitsOf(kitchen, unit === 'celsius' ? 'metric' : 'american'))}
          />
        )}
      </Field>
      <Field label="You mostly bake on">
        {() => (
          <Choice
            label="You mostly bake on"
            value={vessel}
            options={(
              [
                ['halfSheet', 'Baking sheet'],
                ['dish', 'Dish'],
                ['roastingTin', 'Roasting tin'],
              ] as [OwnedVessel['vessel']['kind'], string][]
            ).map(([value, label]) => ({ value, label }))}
            onChange={(kind) => setKitchen({ ...kitchen, vessels: [ownedVessel(kind)] })}
          />
        )}
      </Field>
      <Field label="You measure the middle with">
        {() => (
          <Choice
            label="You measure the middle with"
            value={kitchen.thermometer}
            options={[
              { value: 'instant', label: 'A quick probe' },
              { value: 'leaveIn', label: 'One that stays in' },
              { value: 'none', label: 'Nothing yet' },
            ]}
            onChange={(thermometer) => setKitchen({ ...kitchen, thermometer })}
          />
        )}
      </Field>
      {kitchen.thermometer === 'none' && (
        <p className="leading-snug">
          Times alone do not say that chicken is safe. A quick probe is worth its price: until then you get cautious
          times, and never “serve”.
        </p>
      )}
      <Refusal error={save.error} />
      <Button look="heat" className="justify-self-start" busy={save.isPending} onClick={() => save.mutate(kitchen)}>
        That is my kitchen
      </Button>
    </section>
  );
}
