import { halfSize } from './drawing';
import { type DrawnFood, FoodPiece } from './FoodPiece';
import type { FoodState } from './foodState';

/** The most a millimetre is drawn at, px: a coin of carrot stays smaller than a thigh. */
const MOST_PX_PER_MM = 0.5;

/** A food as small as a line of text: its silhouette as it lies on the tray. */
export function FoodIcon(props: {
  food: DrawnFood;
  outline: readonly number[];
  state: FoodState;
  heat?: string | undefined;
  px: number;
}) {
  const { halfLengthMm, halfWidthMm } = halfSize(props.outline);
  const pxPerMm = Math.min(MOST_PX_PER_MM, (props.px / 2 - 2) / Math.max(halfLengthMm * 1.15, halfWidthMm * 1.15));
  return (
    <svg aria-hidden="true" width={props.px} height={props.px} className="shrink-0">
      <g transform={`translate(${props.px / 2},${props.px / 2}) scale(${pxPerMm})`}>
        <FoodPiece
          food={props.food}
          halfLengthMm={halfLengthMm}
          halfWidthMm={halfWidthMm}
          state={props.state}
          heat={props.heat}
          hairMm={0.8 / pxPerMm}
        />
      </g>
    </svg>
  );
}
