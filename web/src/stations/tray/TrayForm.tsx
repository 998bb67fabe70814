import { useChoices } from '../../api/queries';
import { Field } from '../../ui/Field';
import { TextBox } from '../../ui/TextBox';
import { DinnerField } from './DinnerField';
import { DoneFields } from './DoneFields';
import { PieceFields } from './PieceFields';
import type { TrayFieldsProps } from './trayFields';

/** Tonight, dinner, the pieces, the oven, and when it is done. */
export function TrayForm(props: TrayFieldsProps & { guessedHeight: string }) {
  const { draft, problem, onChange } = props;
  const choices = useChoices();
  const cut = choices?.cuts.find((choice) => choice.cut === draft.cut);
  if (!choices || !cut) return null;
  const shared = { draft, problem, onChange };
  return (
    <form aria-label="The tray" className="grid content-start gap-4" onSubmit={(event) => event.preventDefault()}>
      <Field label="Tonight" error={problem?.at('name')}>
        {(ids) => (
          <TextBox
            ids={ids}
            value={draft.name}
            onText={(name) => onChange({ ...draft, name })}
            className="font-display text-xl"
          />
        )}
      </Field>

      <DinnerField {...shared} />
      <PieceFields {...shared} cuts={choices.cuts} guessedHeight={props.guessedHeight} />
      <DoneFields {...shared} cut={cut} profiles={choices.profiles} />
    </form>
  );
}
