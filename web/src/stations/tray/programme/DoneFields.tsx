import type { ProfileChoice, ProfileId } from '../../../api/types';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Picker } from '../../../ui/Picker';
import { TextBox } from '../../../ui/TextBox';
import { inUnit, sayTemperature, unitSign } from '../../../words/temperatures';
import type { DraftProps } from '../draft/trayDraft';

/** When the meat counts as done. */
export function DoneFields(
  props: DraftProps & { profiles: readonly ProfileChoice[]; hasDark: boolean; hasBreast: boolean },
) {
  const { draft, problem, onChange } = props;
  const profile = props.profiles.find((choice) => choice.id === draft.profile);
  const chooseProfile = (id: ProfileId) => {
    const aimC = props.profiles.find((choice) => choice.id === id)?.aimC;
    const target = aimC === undefined ? draft.target : String(Math.ceil(inUnit(aimC, draft.unit) - 0.25));
    onChange({ ...draft, profile: id, target });
  };
  const hints = [
    props.hasDark &&
      `Dark meat is more tender at ${sayTemperature(77, draft.unit)} to ${sayTemperature(82, draft.unit)}.`,
    props.hasBreast && 'Breast dries fast beyond the rule.',
  ].filter(Boolean);
  return (
    <>
      <Field label="Safety rule" hint={profile?.rule} error={problem?.at('profile')}>
        {(ids) => (
          <Picker
            ids={ids}
            value={draft.profile}
            options={props.profiles.map((choice) => ({ value: choice.id, label: choice.name }))}
            onChange={chooseProfile}
          />
        )}
      </Field>
      <Field label="Take it out when the middle is" hint={hints.join(' ')} error={problem?.at('targetCore')}>
        {(ids) => (
          <div className="relative">
            <TextBox
              ids={ids}
              value={draft.target}
              onText={(target) => onChange({ ...draft, target })}
              inputMode="decimal"
              className="figures pr-12"
            />
            <span
              aria-hidden
              className="pointer-events-none absolute inset-y-0 right-3 flex items-center text-ink-soft"
            >
              {unitSign(draft.unit)}
            </span>
          </div>
        )}
      </Field>
      <Field label="Rest before eating" error={problem?.at('restMinutes')}>
        {() => (
          <Choice
            label="Rest before eating"
            value={draft.rest}
            options={['0', '5', '8', '10', '15'].map((minutes) => ({
              value: minutes,
              label: minutes === '0' ? 'None' : `${minutes} min`,
            }))}
            onChange={(rest) => onChange({ ...draft, rest })}
          />
        )}
      </Field>
    </>
  );
}
