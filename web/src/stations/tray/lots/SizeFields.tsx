import { AmountBox } from '../../../ui/AmountBox';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { TextBox } from '../../../ui/TextBox';
import { basisWords } from '../../../words/food';
import { lengthSign, massSign } from '../../../words/units';
import { withBasis } from '../draft/changes';
import type { ChickenDraft } from '../draft/trayDraft';

const spreads = [
  { value: '0', label: 'Alike' },
  { value: '15', label: 'Mixed' },
  { value: '30', label: 'Very mixed' },
];

/** How large the pieces are: by all together, by one, by each, or by the thickest one's height. */
export function SizeFields(props: {
  lot: ChickenDraft;
  guessedHeight: string | undefined;
  error: (field: string) => string | undefined;
  onChange: (part: Partial<ChickenDraft>) => void;
}) {
  const { lot, error, onChange } = props;
  return (
    <>
      <Field label="Weighed" error={error('sizes.basis')}>
        {() => (
          <Choice
            label="Weighed"
            value={lot.basis}
            options={(['pack', 'piece', 'eachPiece', 'height'] as const).map((value) => ({
              value,
              label: basisWords[value],
            }))}
            onChange={(basis) => onChange(withBasis(lot, basis))}
          />
        )}
      </Field>
      {lot.basis === 'eachPiece' ? (
        <AmountBox
          label="Mass of each, one after the other"
          error={error('sizes.each') ?? firstOfEach(error)}
          value={lot.each}
          placeholder="240 230 130 120"
          unit={massSign[lot.massUnit]}
          onText={(each) => onChange({ each })}
        />
      ) : (
        <div className="grid gap-3 sm:grid-cols-2">
          {lot.basis !== 'height' && (
            <AmountBox
              label={lot.basis === 'pack' ? 'Mass of all' : 'Mass of one'}
              error={error('sizes.mass')}
              value={lot.mass}
              unit={massSign[lot.massUnit]}
              onText={(mass) => onChange({ mass })}
            />
          )}
          <AmountBox
            label="Height of the thickest"
            hint={lot.height ? undefined : props.guessedHeight}
            error={error('height')}
            value={lot.height}
            placeholder="not measured"
            unit={lengthSign[lot.heightUnit]}
            onText={(height) => onChange({ height })}
          />
        </div>
      )}
      {lot.basis === 'pack' && (
        <Field label="Their sizes" error={error('sizes.spreadPercent')}>
          {(ids) =>
            spreads.some((spread) => spread.value === lot.spread) ? (
              <Choice
                label="Their sizes"
                value={lot.spread}
                options={spreads}
                onChange={(spread) => onChange({ spread })}
              />
            ) : (
              <TextBox ids={ids} value={lot.spread} onText={(spread) => onChange({ spread })} className="figures" />
            )
          }
        </Field>
      )}
    </>
  );
}

/** The first of the masses that could not be read. */
function firstOfEach(error: (field: string) => string | undefined): string | undefined {
  for (let i = 0; i < 60; i++) {
    const sentence = error(`sizes.each[${i}]`);
    if (sentence) return sentence;
  }
  return undefined;
}
