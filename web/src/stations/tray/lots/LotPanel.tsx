import { Trash2 } from 'lucide-react';
import type { components } from '../../../api/schema';
import type { TrayView } from '../../../api/types';
import { usePrep } from '../../../kitchen/prepQueries';
import { Button } from '../../../ui/Button';
import type { TrayNames } from '../../../words/trayNames';
import { withChickenLot, withCoatsOfAll, withOwnTray, withoutLot, withVegetableLot } from '../draft/changes';
import type { DraftProps } from '../draft/trayDraft';
import { useSecondTray } from '../draft/useSecondTray';
import { ChickenFields } from './ChickenFields';
import { chickenTitle, guessedHeight } from './lotWords';
import { VegetableFields } from './VegetableFields';

/** All that can be said of one lot. */
export function LotPanel(
  props: DraftProps & {
    lot: number;
    view: TrayView;
    choices: components['schemas']['ChoicesView'];
    names: TrayNames;
    onGone: () => void;
  },
) {
  const { draft, problem, onChange, view, choices, names } = props;
  const prep = usePrep().data;
  const trays = draft.vessels.length;
  const second = useSecondTray();
  const remove = (title: string) => (
    <Button
      className="justify-self-start"
      onClick={() => {
        props.onGone();
        onChange(withoutLot(draft, props.lot));
        // Its row goes with it: what is put on next is where a keyboard goes on.
        document.getElementById('add-chicken')?.focus();
      }}
    >
      <Trash2 aria-hidden className="size-5" /> Take the {title} off the tray
    </Button>
  );

  const at = draft.chicken.findIndex((other) => other.id === props.lot);
  const meat = draft.chicken[at];
  if (meat) {
    const answered = view.answer?.forecast.lots.find((other) => other.lot === meat.id);
    return (
      <>
        <ChickenFields
          lot={meat}
          cuts={choices.cuts}
          unit={draft.unit}
          rule={choices.profiles.find((profile) => profile.id === draft.profile)}
          trays={trays}
          guessedHeight={guessedHeight(answered?.piece.heightMm, meat)}
          error={(field) => problem?.at(`chicken[${at}].${field}`)}
          mixes={prep?.mixes ?? []}
          hasDrain={draft.steps.some((step) => step.kind === 'drain')}
          usualSoak={prep?.choice.marinateMinutes ?? 60}
          onCoatAll={draft.chicken.length > 1 ? () => onChange(withCoatsOfAll(draft, meat.coats)) : undefined}
          onChange={(part) => onChange(withChickenLot(draft, meat.id, part))}
        />
        {remove(chickenTitle(meat, names))}
      </>
    );
  }
  const place = draft.vegetables.findIndex((other) => other.id === props.lot);
  const vegetable = draft.vegetables[place];
  const choice = choices.vegetables.find((other) => other.kind === vegetable?.kind);
  if (!vegetable || !choice) return null;
  return (
    <>
      <VegetableFields
        lot={vegetable}
        choice={choice}
        trays={trays}
        error={(field) => problem?.at(`vegetables[${place}].${field}`)}
        onChange={(part) => onChange(withVegetableLot(draft, vegetable.id, part))}
        onOwnTray={() => onChange(withOwnTray(draft, vegetable.id, second))}
      />
      {remove(names.vegetable(vegetable))}
    </>
  );
}
