import type { CuttingItem } from '../../../api/types';
import { FoodPiece } from '../../../foods/FoodPiece';
import { vegetableColours } from '../../../foods/vegetableColours';
import { saySize, type Units } from '../../../words/units';

const PAD_MM = 3;
const HAIR_MM = 0.3;

/** One piece at its true size, from above, with a bar that says its measure. */
export function TrueSize({ item, pxPerMm, units }: { item: CuttingItem; pxPerMm: number; units: Units }) {
  const colours = vegetableColours(item.kind, 'ready');
  const { lengthMm, widthMm, heightMm } = item.piece;
  // Coins are measured through; they are drawn lying and, beside that, on edge.
  const isCoin = item.cut === 'coin';
  const sides = isCoin ? [lengthMm, heightMm] : item.cut === 'wedge' ? [lengthMm, PAD_MM] : [lengthMm];
  const wide = sides.reduce((sum, side) => sum + side + 2 * PAD_MM, 0) + 2 * PAD_MM;
  const tall = widthMm + 4 * PAD_MM + 4;
  return (
    <svg
      role="img"
      aria-label={`One piece at its true size: ${saySize(lengthMm, units)} by ${saySize(widthMm, units)}, ${saySize(heightMm, units)} high`}
      width={wide * pxPerMm}
      height={tall * pxPerMm}
      viewBox={`0 0 ${wide} ${tall}`}
      className="max-w-none overflow-visible"
    >
      <g transform={`translate(${PAD_MM + lengthMm / 2} ${PAD_MM + widthMm / 2})`}>
        <FoodPiece
          food={{ vegetable: item }}
          halfLengthMm={lengthMm / 2}
          halfWidthMm={widthMm / 2}
          state="ready"
          hairMm={HAIR_MM}
        />
      </g>
      {isCoin && (
        <rect
          x={lengthMm + 3 * PAD_MM}
          y={PAD_MM}
          width={heightMm}
          height={widthMm}
          rx={Math.min(2, heightMm / 3)}
          fill={colours.rind}
          stroke={colours.line}
          strokeWidth={2 * HAIR_MM}
        />
      )}
      {item.cut === 'wedge' ? (
        <Bar x={lengthMm + 3 * PAD_MM} y={PAD_MM} turned mm={widthMm} />
      ) : (
        <Bar
          x={isCoin ? lengthMm + 3 * PAD_MM : PAD_MM}
          y={widthMm + 3 * PAD_MM}
          mm={isCoin ? item.sizeMm : lengthMm}
        />
      )}
    </svg>
  );
}

/** A measuring bar with its two ends. */
function Bar(props: { x: number; y: number; mm: number; turned?: boolean }) {
  return (
    <g
      stroke="var(--ink)"
      strokeWidth={0.5}
      transform={`translate(${props.x} ${props.y})${props.turned ? ' rotate(90)' : ''}`}
    >
      <line x2={props.mm} />
      <line y1={-PAD_MM} y2={PAD_MM} />
      <line x1={props.mm} x2={props.mm} y1={-PAD_MM} y2={PAD_MM} />
    </g>
  );
}
