import { curveAt } from '../../curve/curveAt';
import type { WholeBake } from '../../kitchen/bakes';
import { bakeLanes } from '../../rail/bakeLanes';
import { Rail } from '../../rail/Rail';
import { sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';

/** The rail looks this far beyond what is expected last, min. */
const BEYOND_MINUTES = 12;
const LEAST_MINUTES = 30;

/** The rail of a running bake: what was, now, and what comes for every food if everything stays where it is. */
export function LiveRail(props: { bake: WholeBake; now: number; spoonAt: number; onSpoon: (at: number) => void }) {
  const { bake } = props;
  const from = Date.parse(bake.startedAt);
  const to = railEnd(bake, props.now);
  const { unit } = bake.plan.ovenSetting;
  const minutes = (props.spoonAt - from) / MINUTE_MS;
  const said = bake.lots
    .filter((lot) => lot.isChicken)
    .map((lot) => `${lot.name} about ${sayTemperature(curveAt(lot.curve, minutes).coldestC, unit)}`);
  const check = bake.verdict?.nextCheckAt;
  const marks = [
    ...(Math.abs(props.spoonAt - props.now) > MINUTE_MS ? [{ at: props.now, label: 'now' }] : []),
    ...(check && Date.parse(check) < to && Date.parse(check) > Math.max(props.now, props.spoonAt) + 2 * MINUTE_MS
      ? [{ at: Date.parse(check), label: `measure ${sayClock(check)}` }]
      : []),
  ];
  return (
    <Rail
      low
      from={from}
      to={to}
      marks={marks}
      spoonAt={Math.min(to, props.spoonAt)}
      onSpoon={props.onSpoon}
      spoonText={`${sayClock(props.spoonAt)}, ${said.join(', ')}`}
      lanes={bakeLanes(bake, to)}
    />
  );
}

function railEnd(bake: WholeBake, now: number): number {
  const from = Date.parse(bake.startedAt);
  const goals = bake.lots.flatMap((lot) => (lot.goalUntil ? [Date.parse(lot.goalUntil)] : []));
  const last = Math.max(now, from + LEAST_MINUTES * MINUTE_MS, ...goals) + BEYOND_MINUTES * MINUTE_MS;
  const known = Math.max(...bake.lots.map((lot) => from + (lot.curve.at(-1)?.minutes ?? 0) * MINUTE_MS));
  return Math.max(now, Math.min(last, known));
}
