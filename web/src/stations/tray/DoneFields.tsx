import type { CutChoice, ProfileChoice, ProfileId } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Group } from '../../ui/Group';
import { Picker } from '../../ui/Picker';
import { TextBox } from '../../ui/TextBox';
import { inUnit, sayTemperature, unitSign } from '../../words/temperatures';
import { type TrayDraft, withUnit } from './trayDraft';
import type { TrayFieldsProps } from './trayFields';

/** The oven, and when the meat counts as done. */
export function DoneFields(props: TrayFieldsProps & { cut: CutChoice; profiles: readonly ProfileChoice[] }) {
  const { draft, problem } = props;
  const set = (part: Partial<TrayDraft>) => props.onChange({ ...draft, ...part });
  const error = (field: string) => problem?.at(field);
  const { cut } = props;
  const profile = props.profiles.find((choice) => choice.id === draft.profile);
  const chooseProfile = (id: ProfileId) => {
    const aimC = props.profiles.find((choice) => choice.id === id)?.aimC;
    set(
      aimC === undefined
        ? { profile: id }
        : { profile: id, target: String(Math.ceil(inUnit(aimC, draft.unit) - 0.25)) },
    );
  };
  return (
    <>
      <Group>
        <Field label="Oven" error={error('ovenSetting')}>
          {(ids) => (
            <div className="grid grid-cols-[1fr_7rem] gap-1">
              <TextBox
                ids={ids}
                value={draft.oven}
                onText={(oven) => set({ oven })}
                inputMode="decimal"
                className="figures"
              />
              <Choice
                label="Temperatures in"
                value={draft.unit}
                options={[
                  { value: 'celsius', label: '°C' },
                  { value: 'fahrenheit', label: '°F' },
                ]}
                onChange={(unit) => props.onChange(withUnit(draft, unit))}
              />
            </div>
          )}
        </Field>
        <Field label="Its air" error={error('ovenMode')}>
          {() => (
            <Choice
              label="Its air"
              value={draft.ovenMode}
              options={[
                { value: 'still', label: 'Still' },
                { value: 'fan', label: 'Fan' },
              ]}
              onChange={(ovenMode) => set({ ovenMode })}
            />
          )}
        </Field>
      </Group>

      <Group>
        <Field label="Safety rule" hint={profile?.rule} error={error('profile')}>
          {(ids) => (
            <Picker
              ids={ids}
              value={draft.profile}
              options={props.profiles.map((choice) => ({ value: choice.id, label: choice.name }))}
              onChange={chooseProfile}
            />
          )}
        </Field>
        <Field
          label="Take it out when the middle is"
          hint={
            cut.isDark
              ? `Dark meat is more tender at ${sayTemperature(77, draft.unit)} to ${sayTemperature(82, draft.unit)}.`
              : 'Breast dries fast beyond the rule.'
          }
          error={error('targetCore')}
        >
          {(ids) => (
            <div className="relative">
              <TextBox
                ids={ids}
                value={draft.target}
                onText={(target) => set({ target })}
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
      </Group>

      <Field label="Rest before eating" error={error('restMinutes')}>
        {() => (
          <Choice
            label="Rest before eating"
            value={draft.rest}
            options={['0', '5', '8', '10', '15'].map((minutes) => ({
              value: minutes,
              label: minutes === '0' ? 'None' : `${minutes} min`,
            }))}
            onChange={(rest) => set({ rest })}
          />
        )}
      </Field>
    </>
  );
}
