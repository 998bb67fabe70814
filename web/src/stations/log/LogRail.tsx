import { curveAt } from '../../curve/curveAt';
import type { WholeBake } from '../../kitchen/bakes';
import { bakeLanes } from '../../rail/bakeLanes';
import { Rail } from '../../rail/Rail';
import { sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';

/** The rail of a past bake: where the tray stood, over what was predicted for every food, with each reading marked. */
export function LogRail(props: { bake: WholeBake; spoonMinute: number; onSpoon: (minute: number) => void }) {
  const { bake } = props;
  const from = Date.parse(bake.startedAt);
  const ends = bake.lots.map((lot) => from + (lot.curve.at(-1)?.minutes ?? 0) * MINUTE_MS);
  const to = Math.max(from + MINUTE_MS, ...ends, bake.finishedAt ? Date.parse(bake.finishedAt) : 0);
  const { unit } = bake.plan.ovenSetting;
  const spoonAt = Math.min(to, from + props.spoonMinute * MINUTE_MS);
  const said = bake.lots
    .filter((lot) => lot.isChicken)
    .map((lot) => `${lot.name} predicted ${sayTemperature(curveAt(lot.curve, props.spoonMinute).coldestC, unit)}`);
  const measured = [...new Set(bake.readings.map((reading) => sayClock(reading.at)))];
  return (
    <Rail
      from={from}
      to={to}
      spoonAt={spoonAt}
      onSpoon={(at) => props.onSpoon((at - from) / MINUTE_MS)}
      spoonText={`${sayClock(spoonAt)}, ${said.join(', ')}`}
      marks={measured.map((clock) => ({
        at: Date.parse(bake.readings.find((reading) => sayClock(reading.at) === clock)?.at ?? bake.startedAt),
        label: `measured ${clock}`,
      }))}
      lanes={bakeLanes(bake, to)}
    />
  );
}
