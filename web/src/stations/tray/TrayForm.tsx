import type { ReactNode } from 'react';
import type { Problem } from '../../api/problem';
import { useChoices } from '../../api/queries';
import type { LengthUnit, MassUnit, ProfileId } from '../../api/types';
import { kitchenNow } from '../../clock/kitchenClock';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Picker } from '../../ui/Picker';
import { Stepper } from '../../ui/Stepper';
import { TextBox } from '../../ui/TextBox';
import { inUnit, sayTemperature, unitSign } from '../../words/temperatures';
import { sayClock, toLocalIso } from '../../words/times';
import { type TrayDraft, withUnit } from './trayDraft';

const massUnits: { value: MassUnit; label: string }[] = [
  { value: 'gram', label: 'g' },
  { value: 'kilogram', label: 'kg' },
  { value: 'pound', label: 'lb' },
  { value: 'ounce', label: 'oz' },
];
const lengthUnits: { value: LengthUnit; label: string }[] = [
  { value: 'millimetre', label: 'mm' },
  { value: 'inch', label: 'in' },
];

/** The pieces, the oven, when it is done, and dinner. */
export function TrayForm(props: {
  draft: TrayDraft;
  problem: Problem | null;
  guessedHeight: string;
  onChange: (draft: TrayDraft) => void;
}) {
  const { draft, problem } = props;
  const choices = useChoices();
  const set = (part: Partial<TrayDraft>) => props.onChange({ ...draft, ...part });
  const error = (field: string) => problem?.at(field);
  const cut = choices?.cuts.find((choice) => choice.cut === draft.cut);
  const profile = choices?.profiles.find((choice) => choice.id === draft.profile);
  if (!choices || !cut || !profile) return null;

  const chooseProfile = (id: ProfileId) => {
    const aimC = choices.profiles.find((choice) => choice.id === id)?.aimC ?? profile.aimC;
    set({ profile: id, target: String(Math.ceil(inUnit(aimC, draft.unit) - 0.25)) });
  };
  const adoptEarliest = (iso: string) => {
    const earliest = new Date(iso);
    const isToday = earliest.toDateString() === new Date(kitchenNow()).toDateString();
    set({ dinner: isToday ? 'today' : 'tomorrow', dinnerTime: toLocalIso(earliest).slice(11, 16) });
  };

  return (
    <form aria-label="The tray" className="grid gap-x-4 gap-y-4" onSubmit={(event) => event.preventDefault()}>
      <Field label="Tonight" error={error('name')}>
        {(ids) => (
          <TextBox ids={ids} value={draft.name} onText={(name) => set({ name })} className="font-display text-xl" />
        )}
      </Field>

      <Field label="Dinner" error={error('eatAt')}>
        {(ids) => (
          <div className="grid grid-cols-[1fr_6rem] gap-1">
            <Choice
              label="Dinner"
              value={draft.dinner}
              options={[
                { value: 'soon', label: 'Soonest' },
                { value: 'today', label: 'Today' },
                { value: 'tomorrow', label: 'Tomorrow' },
              ]}
              onChange={(dinner) => set({ dinner })}
            />
            <TextBox
              ids={ids}
              inputMode="numeric"
              placeholder="18:30"
              aria-label="Dinner time"
              value={draft.dinnerTime}
              disabled={draft.dinner === 'soon'}
              onText={(dinnerTime) => set({ dinnerTime })}
              className="figures text-center disabled:opacity-50"
            />
          </div>
        )}
      </Field>
      {problem?.earliestEatAt && (
        <Button
          className="justify-self-start"
          onClick={() => problem.earliestEatAt && adoptEarliest(problem.earliestEatAt)}
        >
          Make it {sayClock(problem.earliestEatAt)}
        </Button>
      )}

      <Group>
        <Field label="Cut" error={error('cut')}>
          {(ids) => (
            <Picker
              ids={ids}
              value={draft.cut}
              options={choices.cuts.map((choice) => ({ value: choice.cut, label: choice.name }))}
              onChange={(next) => set({ cut: next })}
            />
          )}
        </Field>
        <Field label="Skin">
          {() => (
            <Choice
              label="Skin"
              value={draft.skinOn ? 'on' : 'off'}
              options={[
                { value: 'on', label: 'On' },
                { value: 'off', label: 'Off' },
              ]}
              onChange={(skin) => set({ skinOn: skin === 'on' })}
            />
          )}
        </Field>
      </Group>

      <Group>
        <Field label="How many" error={error('count')}>
          {(ids) => <Stepper ids={ids} value={draft.count} what="piece" onText={(count) => set({ count })} />}
        </Field>
        <Field label="Mass" error={error('mass')}>
          {(ids) => (
            <div className="grid grid-cols-[1fr_4.5rem_auto] gap-1">
              <TextBox
                ids={ids}
                value={draft.mass}
                onText={(mass) => set({ mass })}
                inputMode="decimal"
                className="figures"
              />
              <UnitBox
                label="Unit of mass"
                value={draft.massUnit}
                units={massUnits}
                onChange={(massUnit) => set({ massUnit })}
              />
              <UnitBox
                label="Mass of"
                value={draft.massBasis}
                units={[
                  { value: 'pack', label: 'all' },
                  { value: 'piece', label: 'each' },
                ]}
                onChange={(massBasis) => set({ massBasis })}
              />
            </div>
          )}
        </Field>
      </Group>

      <Group>
        <Field
          label="Height of the thickest"
          hint={draft.height ? 'Lying on the tray.' : props.guessedHeight}
          error={error('height')}
        >
          {(ids) => (
            <div className="grid grid-cols-[1fr_4.5rem] gap-1">
              <TextBox
                ids={ids}
                value={draft.height}
                onText={(height) => set({ height })}
                inputMode="decimal"
                placeholder="not measured"
                className="figures placeholder:font-text placeholder:text-ink-soft"
              />
              <UnitBox
                label="Unit of height"
                value={draft.heightUnit}
                units={lengthUnits}
                onChange={(heightUnit) => set({ heightUnit })}
              />
            </div>
          )}
        </Field>
        <Field label="Comes from" error={error('startFrom')}>
          {() => (
            <Choice
              label="Comes from"
              value={draft.startFrom}
              options={[
                { value: 'fridge', label: 'Fridge' },
                { value: 'counter', label: 'Counter' },
                { value: 'frozen', label: 'Frozen' },
              ]}
              onChange={(startFrom) => set({ startFrom })}
            />
          )}
        </Field>
      </Group>

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
        <Field label="Safety rule" hint={profile.rule} error={error('profile')}>
          {(ids) => (
            <Picker
              ids={ids}
              value={draft.profile}
              options={choices.profiles.map((choice) => ({ value: choice.id, label: choice.name }))}
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
    </form>
  );
}

function Group(props: { children: ReactNode }) {
  return <div className="grid gap-4 sm:grid-cols-2">{props.children}</div>;
}

function UnitBox<T extends string>(props: {
  label: string;
  value: T;
  units: readonly { value: T; label: string }[];
  onChange: (value: T) => void;
}) {
  return (
    <select
      aria-label={props.label}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value as T)}
      className="h-11 rounded-md border border-control-line bg-paper px-2"
    >
      {props.units.map((unit) => (
        <option key={unit.value} value={unit.value}>
          {unit.label}
        </option>
      ))}
    </select>
  );
}
