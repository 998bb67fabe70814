import type { Tenderness, VegetableChoice } from '../../../api/types';
import { AmountBox } from '../../../ui/AmountBox';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Picker } from '../../../ui/Picker';
import { Section } from '../../../ui/Section';
import { vegetableCutWords } from '../../../words/food';
import { tendernessWords } from '../../../words/goals';
import { sayNumber } from '../../../words/numbers';
import { lengthIn, lengthSign, massSign } from '../../../words/units';
import type { VegetableDraft } from '../draft/trayDraft';
import { LotTiming } from './LotTiming';

const tendernesses = Object.entries(tendernessWords).map(([value, label]) => ({ value: value as Tenderness, label }));

/** How one vegetable is cut, how much of it, and where it lies. */
export function VegetableFields(props: {
  lot: VegetableDraft;
  choice: VegetableChoice;
  trays: number;
  error: (field: string) => string | undefined;
  onChange: (part: Partial<VegetableDraft>) => void;
  onOwnTray: () => void;
}) {
  const { lot, choice, error, onChange } = props;
  const sized = choice.cuts.find((cut) => cut.cut === lot.cut);
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        <Field label="Cut into" error={error('cut')}>
          {(ids) => (
            <Picker
              ids={ids}
              value={lot.cut}
              options={choice.cuts.map((cut) => ({ value: cut.cut, label: vegetableCutWords[cut.cut] }))}
              onChange={(cut) =>
                onChange({
                  cut,
                  size: sayNumber(
                    lengthIn(choice.cuts.find((other) => other.cut === cut)?.usualMm ?? 25, 'millimetre', lot.sizeUnit),
                  ),
                })
              }
            />
          )}
        </Field>
        <AmountBox
          label="Size"
          hint={sized?.sizeMeans}
          error={error('size')}
          value={lot.size}
          unit={lengthSign[lot.sizeUnit]}
          onText={(size) => onChange({ size })}
        />
        <AmountBox
          label="How much"
          error={error('amount')}
          value={lot.amount}
          unit={massSign[lot.amountUnit]}
          onText={(amount) => onChange({ amount })}
        />
      </div>
      <Field label="Where" error={error('place') ?? error('vessel')}>
        {() => (
          <Choice
            label="Where"
            value={lot.place !== 'around' ? lot.place : lot.vessel > 0 ? 'own' : 'around'}
            options={[
              { value: 'around', label: 'Around' },
              { value: 'under', label: 'Under' },
              { value: 'onTop', label: 'On top' },
              { value: 'own', label: 'Own tray' },
            ]}
            onChange={(where) => {
              if (where === 'own' && props.trays < 2) props.onOwnTray();
              else onChange({ place: where === 'own' ? 'around' : where, vessel: where === 'own' ? 1 : 0 });
            }}
          />
        )}
      </Field>
      <Field label="Heaped" error={error('layers')}>
        {() => (
          <Choice
            label="Heaped"
            value={lot.layers}
            options={[
              { value: '1', label: 'Side by side' },
              { value: '2', label: 'Two deep' },
              { value: '3', label: 'Three' },
            ]}
            onChange={(layers) => onChange({ layers })}
          />
        )}
      </Field>
      <Field label="Done when it is" error={error('goal')}>
        {() => (
          <Choice
            label="Done when it is"
            value={lot.goal}
            options={tendernesses}
            onChange={(goal) => onChange({ goal })}
          />
        )}
      </Field>
      <Section title="More" summary={lot.addAt === '0' ? 'from the start' : `after ${lot.addAt} min`}>
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
