import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { TextBox } from '../../../ui/TextBox';

interface Timing {
  addAt: string;
  leavesWhenDone: boolean;
  vessel: number;
}

/** When a lot goes in and out, and on which tray. */
export function LotTiming(
  props: Timing & {
    trays: number;
    error: (field: string) => string | undefined;
    onChange: (part: Partial<Timing>) => void;
  },
) {
  const { error, onChange } = props;
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <Field label="Goes in after, min" error={error('addAtMinutes')}>
        {(ids) => (
          <TextBox
            ids={ids}
            value={props.addAt}
            onText={(addAt) => onChange({ addAt })}
            inputMode="numeric"
            className="figures"
          />
        )}
      </Field>
      <Field label="Comes out">
        {() => (
          <Choice
            label="Comes out"
            value={props.leavesWhenDone ? 'done' : 'together'}
            options={[
              { value: 'together', label: 'With the rest' },
              { value: 'done', label: 'When done' },
            ]}
            onChange={(out) => onChange({ leavesWhenDone: out === 'done' })}
          />
        )}
      </Field>
      {props.trays > 1 && (
        <Field label="Lies on" error={error('vessel')}>
          {() => (
            <Choice
              label="Lies on"
              value={String(props.vessel)}
              options={[
                { value: '0', label: 'Upper tray' },
                { value: '1', label: 'Lower tray' },
              ]}
              onChange={(vessel) => onChange({ vessel: Number(vessel) })}
            />
          )}
        </Field>
      )}
    </div>
  );
}
