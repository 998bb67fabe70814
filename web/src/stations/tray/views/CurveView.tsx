import type { TrayView } from '../../../api/types';
import { curveAt } from '../../../curve/curveAt';
import { CurveTable } from '../../../rail/CurveTable';
import { sayTemperature } from '../../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../../words/times';

/** The middle and outside of one lot in numbers; their curve is drawn on the lot's row of the rail. */
export function CurveView(props: { view: TrayView; lot: number; spoonAt: number; name: string }) {
  const { answer, plan } = props.view;
  const lot = answer?.forecast.lots.find((other) => other.lot === props.lot);
  if (!answer || !lot) return null;
  const startAt = Date.parse(answer.timing.inAt);
  const { unit } = plan.ovenSetting;
  const shown = curveAt(lot.curve, (props.spoonAt - startAt) / MINUTE_MS);
  return (
    <div className="grid min-w-0 gap-3 pt-3">
      <p className="text-lg leading-snug">
        <span className="inline-block font-semibold first-letter:uppercase">{props.name}, the heaviest piece.</span> At{' '}
        <b className="figures">{sayClock(props.spoonAt)}</b> its middle is{' '}
        <b className="figures">{sayTemperature(shown.coldestC, unit)}</b> and its outside{' '}
        <span className="figures">{sayTemperature(shown.surfaceC, unit)}</span>. Its row of the rail shows the whole
        bake: drag the spoon along it.
      </p>
      <CurveTable curve={lot.curve} startAt={startAt} unit={unit} spoonAt={props.spoonAt} />
    </div>
  );
}
