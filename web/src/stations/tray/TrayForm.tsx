import { memo } from 'react';
import type { components } from '../../api/schema';
import type { TrayView } from '../../api/types';
import type { TrayNames } from '../../words/trayNames';
import type { DraftProps } from './draft/trayDraft';
import { LotList } from './lots/LotList';
import { Programme } from './programme/Programme';
import { TrayBar } from './shelf/TrayBar';

/** Everything that can be typed. It does not follow the spoon, so that the spoon moves smoothly. */
export const TrayForm = memo(function TrayForm(
  props: DraftProps & {
    view: TrayView;
    saving: boolean;
    choices: components['schemas']['ChoicesView'];
    names: TrayNames;
    chosen: number | null;
    onChoose: (lot: number | null) => void;
    onShow: (view: TrayView) => void;
    onStep: (step: 'undo' | 'redo') => void;
  },
) {
  const { view, choices, saving, onShow } = props;
  const form = { draft: props.draft, problem: props.problem, onChange: props.onChange };
  return (
    <form
      aria-label="The tray"
      className="grid grid-cols-1 content-start gap-3"
      onSubmit={(event) => event.preventDefault()}
    >
      <TrayBar {...form} view={view} saving={saving} onShow={onShow} onStep={(name) => void props.onStep(name)} />
      <LotList
        {...form}
        view={view}
        choices={choices}
        names={props.names}
        chosen={props.chosen}
        onChoose={props.onChoose}
      />
      <Programme
        {...form}
        view={view}
        profiles={choices.profiles}
        ready={!saving && props.problem === null}
        onShow={onShow}
      />
    </form>
  );
});
