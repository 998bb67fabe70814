import type { TrayView } from '../../../api/types';
import { CurvePlot } from '../../../curve/CurvePlot';
import { goalC } from '../../../words/goals';
import { MINUTE_MS } from '../../../words/times';

/** The middle and outside of one lot over time. */
export function CurveView(props: { view: TrayView; lot: number; spoonAt: number; name: string }) {
  const { answer, plan } = props.view;
  const lot = answer?.forecast.lots.find((other) => other.lot === props.lot);
  if (!answer || !lot) return null;
  const inAt = Date.parse(answer.timing.inAt);
  return (
    <div className="min-w-0 overflow-hidden pt-2">
      <p className="font-semibold text-lg first-letter:uppercase">{props.name}, the heaviest piece</p>
      <CurvePlot
        curve={lot.curve}
        startAt={inAt}
        spoonAt={props.spoonAt}
        targetC={goalC(plan, props.lot)}
        outAt={inAt + lot.outMinutes * MINUTE_MS}
        unit={plan.ovenSetting.unit}
        height={300}
      />
    </div>
  );
}
