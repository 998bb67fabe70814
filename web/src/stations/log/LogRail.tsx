import type { BakeRecord, CurvePoint } from '../../api/types';
import { curveAt } from '../../curve/curveAt';
import { placeSpans } from '../../rail/placeSpans';
import { Rail } from '../../rail/Rail';
import { sayDegrees, sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';

/** The rail of a past bake: where the tray stood, over what was predicted, with each check marked. */
export function LogRail(props: {
  bake: BakeRecord;
  curve: readonly CurvePoint[];
  spoonMinute: number;
  onSpoon: (minute: number) => void;
}) {
  const { bake } = props;
  const from = Date.parse(bake.startedAt);
  const curveEnd = from + (props.curve[props.curve.length - 1]?.minutes ?? 0) * MINUTE_MS;
  const to = Math.max(curveEnd, bake.finishedAt ? Date.parse(bake.finishedAt) : 0);
  const unit = bake.plan.targetCore.unit;
  const spoonAt = Math.min(to, from + props.spoonMinute * MINUTE_MS);
  const shown = curveAt(props.curve, props.spoonMinute);
  return (
    <Rail
      from={from}
      to={to}
      spoonAt={spoonAt}
      onSpoon={(at) => props.onSpoon((at - from) / MINUTE_MS)}
      spoonText={`${sayClock(spoonAt)}, middle predicted ${sayTemperature(shown.coldestC, unit)}`}
      marks={bake.checks.map((check) => ({ at: Date.parse(check.at), label: `check ${sayClock(check.at)}` }))}
      lanes={[
        { name: 'Oven', spans: placeSpans(bake.moves, to, bake.plan) },
        {
          name: 'Chicken',
          spans: [
            {
              kind: 'meat',
              from,
              to: curveEnd,
              curve: props.curve,
              say: (celsius) => sayDegrees(celsius, unit),
            },
          ],
        },
      ]}
    />
  );
}
