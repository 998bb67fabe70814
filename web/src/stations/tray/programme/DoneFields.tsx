import type { ProfileChoice } from '../../../api/types';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Picker } from '../../../ui/Picker';
import { withProfile } from '../draft/changes';
import type { DraftProps } from '../draft/trayDraft';

/** Whose safety rule holds for all chicken, and how long it rests. What each lot aims at stands with the lot. */
export function DoneFields(props: DraftProps & { profiles: readonly ProfileChoice[] }) {
  const { draft, problem, onChange } = props;
  const profile = props.profiles.find((choice) => choice.id === draft.profile);
  return (
    <>
      <Field
        label="Safety rule"
        hint={profile && [profile.rule, profile.caution].filter(Boolean).join(' ')}
        error={problem?.at('profile')}
      >
        {(ids) => (
          <Picker
            ids={ids}
            value={draft.profile}
            options={props.profiles.map((choice) => ({ value: choice.id, label: choice.name }))}
            onChange={(id) => {
              const chosen = props.profiles.find((choice) => choice.id === id);
              if (chosen) onChange(withProfile(draft, chosen));
            }}
          />
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
