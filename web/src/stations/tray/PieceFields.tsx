import type { CutChoice, LengthUnit, MassUnit } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Group } from '../../ui/Group';
import { Picker } from '../../ui/Picker';
import { Stepper } from '../../ui/Stepper';
import { TextBox } from '../../ui/TextBox';
import { UnitBox } from '../../ui/UnitBox';
import type { TrayDraft } from './trayDraft';
import type { TrayFieldsProps } from './trayFields';

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

/** What lies on the tray. */
export function PieceFields(props: TrayFieldsProps & { cuts: readonly CutChoice[]; guessedHeight: string }) {
  const { draft, problem } = props;
  const set = (part: Partial<TrayDraft>) => props.onChange({ ...draft, ...part });
  const error = (field: string) => problem?.at(field);
  return (
    <>
      <Group>
        <Field label="Cut" error={error('cut')}>
          {(ids) => (
            <Picker
              ids={ids}
              value={draft.cut}
              options={props.cuts.map((choice) => ({ value: choice.cut, label: choice.name }))}
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
    </>
  );
}
