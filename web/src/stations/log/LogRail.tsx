import { curveAt } from '../../curve/curveAt';
import type { WholeBake } from '../../kitchen/bakes';
import { actSign } from '../../rail/actSign';
import { bakeLanes } from '../../rail/bakeLanes';
import type { Lane } from '../../rail/LaneBar';
import { Rail } from '../../rail/Rail';
import { sayTemperature } from '../../words/temperatures';
import { MINUTE_MS, sayClock } from '../../words/times';

/**
 * The rail of a past bake: what hands did, where the tray stood, what every food did, and below each food the window that was foretold
 * for it; each reading marked.
 */
export function LogRail(props: {
  bake: WholeBake;
  /** Shown beside it, on the same minutes. */
  asLongAs: WholeBake | null | undefined;
  spoonMinute: number;
  onSpoon: (minute: number) => void;
}) {
  const { bake } = props;
  const from = Date.parse(bake.startedAt);
  const to = from + Math.max(lengthOf(bake), props.asLongAs ? lengthOf(props.asLongAs) : 0);
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
      spoonText={`${bake.name}, ${sayClock(spoonAt)}, ${said.join(', ')}`}
      marks={measured.map((clock, at) => ({
        at: Date.parse(bake.readings.find((reading) => sayClock(reading.at) === clock)?.at ?? bake.startedAt),
        // Looks a few minutes apart: the last is written out, the others are lines.
        label: at === measured.length - 1 ? `measured ${clock}` : '',
      }))}
      lanes={[
        ...handsLane(bake, to),
        ...bakeLanes(bake, to).flatMap((lane) => [lane, ...foretoldLane(bake, lane, to)]),
      ]}
    />
  );
}

const lengthOf = (bake: WholeBake) => {
  const ends = bake.lots.map((lot) => (lot.curve.at(-1)?.minutes ?? 0) * MINUTE_MS);
  const finished = bake.finishedAt ? Date.parse(bake.finishedAt) - Date.parse(bake.startedAt) : 0;
  return Math.max(MINUTE_MS, ...ends, finished);
};

/** When it was foretold to be good, from when it went in. */
function foretoldLane(bake: WholeBake, lane: Lane, to: number): Lane[] {
  const lot = bake.lots.find((other) => other.name === lane.name);
  const good = bake.forecast.lots.find((other) => other.lot === lot?.lot)?.good;
  if (!lot || good?.opensMinutes === null || good?.opensMinutes === undefined || good.bestFromMinutes === null)
    return [];
  const at = (minutes: number) => Date.parse(bake.startedAt) + minutes * MINUTE_MS;
  return [
    {
      name: 'foretold',
      spans: [
        {
          kind: 'window',
          from: Date.parse(lot.inAt),
          to,
          good: {
            opensAt: at(good.opensMinutes),
            bestFrom: at(good.bestFromMinutes),
            bestUntil: at(good.bestUntilMinutes ?? good.pastMinutes ?? FAR_MINUTES),
            pastAt: good.pastMinutes === null ? null : at(good.pastMinutes),
          },
          opensBetween: null,
          words: { before: '', best: 'best', past: 'past' },
        },
      ],
    },
  ];
}

const FAR_MINUTES = 600;

/** What hands did, early or late, and what was left out. */
function handsLane(bake: WholeBake, to: number): Lane[] {
  const spans = bake.acts
    .filter((act) => act.doneAt || act.isSkipped)
    .map((act) => {
      const at = Math.min(to, Date.parse(act.doneAt ?? act.dueAt));
      return {
        kind: 'hand' as const,
        at,
        from: at,
        to: at,
        label: act.isSkipped ? `${act.title}, skipped` : act.title,
        sign: actSign[act.step.kind] ?? ('eye' as const),
      };
    });
  return spans.length > 0 ? [{ name: 'Hands', spans }] : [];
}
