import type { components } from '../../../api/schema';
import { withChicken, withVegetable } from '../draft/changes';
import type { TrayDraft } from '../draft/trayDraft';
import { AddFood } from './AddFood';

const WHOLE_BIRD = 'wholeBird';

/** What can be put on the tray: chicken, a whole bird in its parts, vegetables. */
export function AddBar(props: {
  draft: TrayDraft;
  choices: components['schemas']['ChoicesView'];
  onBird: () => void;
  onChange: (draft: TrayDraft) => void;
}) {
  const { draft, choices, onChange } = props;
  return (
    <>
      <AddFood
        name="Chicken"
        buttonId="add-chicken"
        choices={[
          ...choices.cuts.map((cut) => ({ value: cut.cut as string, label: cut.plural })),
          { value: WHOLE_BIRD, label: 'a whole bird, cut up' },
        ]}
        onAdd={(value) => {
          const cut = choices.cuts.find((choice) => choice.cut === value);
          if (cut) onChange(withChicken(draft, cut));
          else props.onBird();
        }}
      />
      <AddFood
        name="Vegetable"
        buttonId="add-vegetable"
        choices={choices.vegetables.map((choice) => ({ value: choice.kind, label: choice.name }))}
        onAdd={(value) => {
          const choice = choices.vegetables.find((other) => other.kind === value);
          if (choice) onChange(withVegetable(draft, choice));
        }}
      />
    </>
  );
}
