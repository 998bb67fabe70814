import type { LiveBake } from '../../api/types';
import { curveAt } from '../../curve/curveAt';
import { placeSpans } from '../../rail/placeSpans';
import { Rail } from '../../rail/Rail';
import { sayDegrees, sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';

/** The rail of a running bake: what was, now, and what comes if the tray stays where it is. */
export function LiveRail(props: { bake: LiveBake; now: number; spoonAt: number; onSpoon: (at: number) => void }) {
  const { bake } = props;
  const { plan, moves } = bake.record;
  const from = Date.parse(bake.record.startedAt);
  const lastPoint = bake.curve[bake.curve.length - 1];
  const to = from + (lastPoint?.minutes ?? 60) * MINUTE_MS;
  const unit = plan.targetCore.unit;
  const shown = curveAt(bake.curve, (props.spoonAt - from) / MINUTE_MS);
  const marks = [
    ...(Math.abs(props.spoonAt - props.now) > MINUTE_MS ? [{ at: props.now, label: 'now' }] : []),
    ...(bake.nextCheckAt && Date.parse(bake.nextCheckAt) < to
      ? [{ at: Date.parse(bake.nextCheckAt), label: `check ${sayClock(bake.nextCheckAt)}` }]
      : []),
  ];
  return (
    <Rail
      from={from}
      to={to}
      marks={marks}
      spoonAt={Math.min(to, props.spoonAt)}
      onSpoon={props.onSpoon}
      spoonText={`${sayClock(props.spoonAt)}, middle about ${sayTemperature(shown.coldestC, unit)}`}
      lanes={[
        { name: 'Oven', spans: placeSpans(moves, to, plan) },
        {
          name: 'Chicken',
          spans: [
            {
              kind: 'meat',
              from: from + (bake.curve[0]?.minutes ?? 0) * MINUTE_MS,
              to,
              zeroAt: from,
              curve: bake.curve,
              say: (celsius) => sayDegrees(celsius, unit),
            },
          ],
        },
      ]}
    />
  );
}
