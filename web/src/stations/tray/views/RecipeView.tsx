import { useState } from 'react';
import { Problem } from '../../../api/problem';
import type { RecipeOutcome, TemperatureUnit, TrayView } from '../../../api/types';
import { useRecipeCheck } from '../../../kitchen/queries';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Refusal } from '../../../ui/Refusal';
import { TextBox } from '../../../ui/TextBox';
import { colourWords, middleWords } from '../../../words/food';
import { parseNumber } from '../../../words/numbers';
import { sayDegrees, sayTemperature, unitSign } from '../../../words/temperatures';
import { parseTemperature } from '../../../words/units';

/** Any recipe’s oven and time, tried on these pieces. */
export function RecipeView(props: { view: TrayView; names: (lot: number) => string }) {
  const unit = props.view.plan.ovenSetting.unit;
  const [oven, setOven] = useState(unit === 'celsius' ? '190' : '375');
  const [minutes, setMinutes] = useState('35');
  const [then, setThen] = useState<{ after: string; oven: string } | null>(null);
  const check = useRecipeCheck(props.view.id);
  const problem = check.error instanceof Problem ? check.error : null;
  const ask = () =>
    check.mutate({
      oven: { value: parseTemperature(oven, unit) ?? Number.NaN, unit },
      minutes: parseNumber(minutes),
      // biome-ignore lint/suspicious/noThenProperty: a plain field of the question, no promise.
      then: then
        ? [
            {
              afterMinutes: parseNumber(then.after),
              oven: { value: parseTemperature(then.oven, unit) ?? Number.NaN, unit },
            },
          ]
        : [],
    });
  return (
    <section aria-label="Recipe check" className="grid max-w-3xl content-start gap-4 py-2">
      <p>What does the recipe say? The tray answers what these pieces will be like then.</p>
      <form
        className="grid items-start gap-3 sm:grid-cols-[1fr_1fr_auto]"
        onSubmit={(event) => {
          event.preventDefault();
          ask();
        }}
      >
        <Field
          label={`The recipe’s oven, ${unitSign(unit)}`}
          hint="as the recipe says it, in either unit"
          error={problem?.at('oven')}
        >
          {(ids) => <TextBox ids={ids} value={oven} onText={setOven} className="figures" />}
        </Field>
        <Field label="The recipe’s time, min" error={problem?.at('minutes')}>
          {(ids) => <TextBox ids={ids} value={minutes} onText={setMinutes} inputMode="numeric" className="figures" />}
        </Field>
        <Button type="submit" className="sm:mt-[1.65rem]" disabled={check.isPending}>
          Try it
        </Button>
        {then ? (
          <>
            <Field label="Then the dial to" error={problem?.at('then[0].oven')}>
              {(ids) => (
                <TextBox
                  ids={ids}
                  value={then.oven}
                  onText={(next) => setThen({ ...then, oven: next })}
                  className="figures"
                />
              )}
            </Field>
            <Field label="After, min" error={problem?.at('then[0].afterMinutes')}>
              {(ids) => (
                <TextBox
                  ids={ids}
                  value={then.after}
                  onText={(next) => setThen({ ...then, after: next })}
                  inputMode="numeric"
                  className="figures"
                />
              )}
            </Field>
            <Button className="sm:mt-[1.65rem]" onClick={() => setThen(null)}>
              One oven
            </Button>
          </>
        ) : (
          <Button
            className="justify-self-start"
            onClick={() => setThen({ after: '20', oven: unit === 'celsius' ? '175' : '350' })}
          >
            It turns the dial on the way
          </Button>
        )}
      </form>
      {!problem && <Refusal error={check.error} />}
      {check.data && <Outcome outcome={check.data} names={props.names} unit={unit} />}
    </section>
  );
}

function Outcome(props: { outcome: RecipeOutcome; names: (lot: number) => string; unit: TemperatureUnit }) {
  const { outcome, unit } = props;
  return (
    <div aria-live="polite" className="grid gap-3">
      <p className="font-display font-semibold text-2xl leading-snug">{outcome.advice}</p>
      <table className="w-full border-collapse text-left">
        <caption className="pb-1 text-left text-ink-soft">After {outcome.minutes} min in the recipe’s oven</caption>
        <thead className="sr-only">
          <tr>
            <th>What</th>
            <th>Middle</th>
            <th>Like</th>
            <th>Colour</th>
          </tr>
        </thead>
        <tbody>
          {outcome.lots.map((lot) => (
            <tr key={lot.lot} className="border-hairline border-t">
              <th scope="row" className="py-2 font-semibold first-letter:uppercase">
                {props.names(lot.lot)}
              </th>
              <td className="figures">
                <strong>{sayTemperature(lot.then.coldestC, unit)}</strong>{' '}
                <span className="text-ink-soft">
                  {sayDegrees(lot.then.coldestLowC, unit)} to {sayDegrees(lot.then.coldestHighC, unit)}
                </span>
              </td>
              <td>{middleWords[lot.state]}</td>
              <td>{colourWords[lot.colour]}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
