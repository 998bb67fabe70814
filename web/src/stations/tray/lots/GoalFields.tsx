import type { CutChoice, ProfileChoice, TemperatureUnit } from '../../../api/types';
import { Field } from '../../../ui/Field';
import { TextBox } from '../../../ui/TextBox';
import { parseNumber } from '../../../words/numbers';
import { celsiusOf, sayTemperature, unitSign } from '../../../words/temperatures';
import type { ChickenDraft } from '../draft/trayDraft';

/** The middle a lot should get to; and, where the safety rule counts it and the goal is low, for how long it is held. */
export function GoalFields(props: {
  lot: ChickenDraft;
  cuts: readonly CutChoice[];
  unit: TemperatureUnit;
  rule: ProfileChoice | undefined;
  error: (field: string) => string | undefined;
  onChange: (part: Partial<ChickenDraft>) => void;
}) {
  const { lot, unit, rule, error, onChange } = props;
  const isDark = props.cuts.find((choice) => choice.cut === lot.cut)?.isDark;
  const goal = parseNumber(lot.goal);
  const isLow = goal !== null && rule !== undefined && celsiusOf({ value: goal, unit }) < rule.aimC - 0.3;
  const canHold = isLow && rule.holdSeconds.length > 0;
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <Field
        label="Done when the middle is"
        hint={
          isDark
            ? `Dark meat is tender from about ${sayTemperature(77, unit)}.`
            : `Lean meat dries fast above ${sayTemperature(74, unit)}.`
        }
        error={error('goal.core')}
      >
        {(ids) => (
          <div className="relative">
            <TextBox
              ids={ids}
              value={lot.goal}
              onText={(text) => onChange({ goal: text })}
              inputMode="decimal"
              className="figures pr-12"
            />
            <span
              aria-hidden
              className="pointer-events-none absolute inset-y-0 right-3 flex items-center text-ink-soft"
            >
              {unitSign(unit)}
            </span>
          </div>
        )}
      </Field>
      {(canHold || lot.hold !== '0') && (
        <Field label="And held there, min" hint="Measured all the while." error={error('goal.holdSeconds')}>
          {(ids) => (
            <TextBox
              ids={ids}
              value={lot.hold}
              onText={(hold) => onChange({ hold })}
              inputMode="decimal"
              className="figures"
            />
          )}
        </Field>
      )}
    </div>
  );
}
