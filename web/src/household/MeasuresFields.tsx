import type { KitchenMeasures, SpoonSet } from '../api/types';
import { useSetMeasures } from '../kitchen/prepQueries';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Picker } from '../ui/Picker';
import { spoonSetWords } from '../words/prep';

const spoons = (Object.keys(spoonSetWords) as SpoonSet[]).map((value) => ({ value, label: spoonSetWords[value] }));

/** What this kitchen measures with. */
export function MeasuresFields({ measures }: { measures: KitchenMeasures }) {
  const change = useSetMeasures(measures);
  return (
    <>
      <Field label="Spoons and cups">
        {(ids) => (
          <Picker ids={ids} value={measures.spoons} options={spoons} onChange={(value) => change({ spoons: value })} />
        )}
      </Field>
      <Choice
        label="Scale"
        value={measures.scale ?? 'none'}
        options={[
          { value: 'gram', label: 'scale, g' },
          { value: 'ounce', label: 'scale, oz' },
          { value: 'none', label: 'no scale' },
        ]}
        onChange={(value) => change({ scale: value === 'none' ? null : value })}
      />
      <Choice
        label="Jug"
        value={measures.hasJug ? 'jug' : 'none'}
        options={[
          { value: 'jug', label: 'jug in ml' },
          { value: 'none', label: 'no jug' },
        ]}
        onChange={(value) => change({ hasJug: value === 'jug' })}
      />
    </>
  );
}
