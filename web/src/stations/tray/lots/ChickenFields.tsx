import type { CutChoice, MixListed, ProfileChoice, TemperatureUnit } from '../../../api/types';
import { CoatList } from '../../../coats/CoatList';
import { coatsInWords } from '../../../coats/coatDraft';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Picker } from '../../../ui/Picker';
import { Section } from '../../../ui/Section';
import { Stepper } from '../../../ui/Stepper';
import { TextBox } from '../../../ui/TextBox';
import { massSign } from '../../../words/units';
import { usualGoal, withCount } from '../draft/changes';
import type { ChickenDraft } from '../draft/trayDraft';
import { GoalFields } from './GoalFields';
import { LotTiming } from './LotTiming';
import { SizeFields } from './SizeFields';

const coatFields = ['kind', 'when', 'mix', 'atMinutes', 'soakMinutes'];
const moreFields = [
  'cut',
  'skinOn',
  'isNestled',
  'startFrom',
  'sear.minutes',
  'sear.pan',
  'filling.value',
  'addAtMinutes',
  'vessel',
];

/** What one lot of chicken is. */
export function ChickenFields(props: {
  lot: ChickenDraft;
  cuts: readonly CutChoice[];
  unit: TemperatureUnit;
  rule: ProfileChoice | undefined;
  trays: number;
  guessedHeight: string | undefined;
  mixes: readonly MixListed[];
  usualSoak: number;
  hasDrain: boolean;
  onCoatAll: (() => void) | undefined;
  error: (field: string) => string | undefined;
  onChange: (part: Partial<ChickenDraft>) => void;
}) {
  const { lot, error, onChange } = props;
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        {lot.basis !== 'eachPiece' && (
          <Field label="How many" error={error('sizes.count')}>
            {(ids) => (
              <Stepper ids={ids} value={lot.count} what="piece" onText={(count) => onChange(withCount(lot, count))} />
            )}
          </Field>
        )}
      </div>
      <GoalFields lot={lot} cuts={props.cuts} unit={props.unit} rule={props.rule} error={error} onChange={onChange} />
      <Section
        title="Coats"
        summary={coatsInWords(lot.coats)}
        defaultOpen={lot.coats.length > 0}
        isWrong={lot.coats.some((_, i) => coatFields.some((field) => error(`coats[${i}].${field}`)))}
      >
        <CoatList
          coats={lot.coats}
          mixes={props.mixes}
          usualSoak={props.usualSoak}
          hasDrain={props.hasDrain}
          error={error}
          onChange={(coats) => onChange({ coats })}
        />
        {props.onCoatAll && lot.coats.length > 0 && (
          <Button className="justify-self-start" onClick={props.onCoatAll}>
            The same on all chicken
          </Button>
        )}
      </Section>
      <SizeFields lot={lot} guessedHeight={props.guessedHeight} error={error} onChange={onChange} />
      <Section
        title="More"
        isWrong={moreFields.some((field) => error(field))}
        summary={`${lot.skinOn ? 'skin on' : 'no skin'}, from the ${lot.startFrom}`}
      >
        <div className="grid gap-3 sm:grid-cols-2">
          <Field label="Which piece" error={error('cut')}>
            {(ids) => (
              <Picker
                ids={ids}
                value={lot.cut}
                options={props.cuts.map((choice) => ({ value: choice.cut, label: choice.name }))}
                onChange={(cut) => {
                  const isDark = props.cuts.find((choice) => choice.cut === cut)?.isDark ?? false;
                  onChange({ cut, goal: usualGoal(isDark, props.unit), hold: '0' });
                }}
              />
            )}
          </Field>
          <Field label="Skin" error={error('skinOn')}>
            {() => (
              <Choice
                label="Skin"
                value={!lot.skinOn ? 'off' : lot.partlySkinned ? 'partly' : lot.skinDown ? 'down' : 'up'}
                options={[
                  { value: 'up', label: 'Up' },
                  { value: 'down', label: 'Down' },
                  { value: 'partly', label: 'Part' },
                  { value: 'off', label: 'Off' },
                ]}
                onChange={(skin) =>
                  onChange({ skinOn: skin !== 'off', skinDown: skin === 'down', partlySkinned: skin === 'partly' })
                }
              />
            )}
          </Field>
        </div>
        <Field label="Lies" error={error('isNestled')}>
          {() => (
            <Choice
              label="Lies"
              value={lot.nestled ? 'nestled' : 'flat'}
              options={[
                { value: 'flat', label: 'On the tray' },
                { value: 'nestled', label: 'In hollows of the vegetables' },
              ]}
              onChange={(lies) => onChange({ nestled: lies === 'nestled' })}
            />
          )}
        </Field>
        <Field label="Comes from" error={error('startFrom')}>
          {() => (
            <Choice
              label="Comes from"
              value={lot.startFrom}
              options={[
                { value: 'fridge', label: 'Fridge' },
                { value: 'counter', label: 'Counter' },
                { value: 'frozen', label: 'Frozen' },
              ]}
              onChange={(startFrom) => onChange({ startFrom })}
            />
          )}
        </Field>
        <div className="grid gap-3 sm:grid-cols-2">
          <Field label="Seared first, min" error={error('sear.minutes')}>
            {(ids) => (
              <TextBox
                ids={ids}
                value={lot.sear}
                onText={(sear) => onChange({ sear })}
                inputMode="decimal"
                placeholder="not seared"
                className="figures"
              />
            )}
          </Field>
          {lot.sear.trim() !== '' && (
            <Field label="In a pan of" error={error('sear.pan')}>
              {() => (
                <Choice
                  label="In a pan of"
                  value={lot.pan}
                  options={[
                    { value: 'castIron', label: 'Iron' },
                    { value: 'steel', label: 'Steel' },
                    { value: 'nonStick', label: 'Coated' },
                  ]}
                  onChange={(pan) => onChange({ pan })}
                />
              )}
            </Field>
          )}
          {(lot.coats.some((coat) => coat.kind === 'stuffed') || lot.cut === 'stuffedBreast') && (
            <Field label={`Filling in each, ${massSign[lot.massUnit]}`} error={error('filling')}>
              {(ids) => (
                <TextBox
                  ids={ids}
                  value={lot.filling}
                  onText={(filling) => onChange({ filling })}
                  inputMode="decimal"
                  placeholder="the usual"
                  className="figures"
                />
              )}
            </Field>
          )}
        </div>
        <LotTiming
          addAt={lot.addAt}
          leavesWhenDone={lot.leavesWhenDone}
          vessel={lot.vessel}
          trays={props.trays}
          error={error}
          onChange={onChange}
        />
      </Section>
    </>
  );
}
