import type { CuttingItem } from '../../../api/types';

const PAD_MM = 3;

/** One piece at its true size, from above, with a bar that says its measure. */
export function TrueSize({ item, pxPerMm }: { item: CuttingItem; pxPerMm: number }) {
  const { lengthMm, widthMm, heightMm } = item.piece;
  // Coins are measured through; they are drawn lying and, beside that, on edge.
  const isCoin = item.cut === 'coin';
  const sides = isCoin ? [lengthMm, heightMm] : item.cut === 'wedge' ? [lengthMm, PAD_MM] : [lengthMm];
  const wide = sides.reduce((sum, side) => sum + side + 2 * PAD_MM, 0) + 2 * PAD_MM;
  const tall = widthMm + 4 * PAD_MM + 4;
  return (
    <svg
      role="img"
      aria-label={`One piece at its true size: ${Math.round(lengthMm)} by ${Math.round(widthMm)} mm, ${Math.round(heightMm)} mm high`}
      width={wide * pxPerMm}
      height={tall * pxPerMm}
      viewBox={`0 0 ${wide} ${tall}`}
      className="max-w-none overflow-visible"
    >
      <g fill="var(--enamel)" stroke="var(--ink)" strokeWidth={0.4}>
        <Outline item={item} />
        {isCoin && <rect x={lengthMm + 3 * PAD_MM} y={PAD_MM} width={heightMm} height={widthMm} rx={2} />}
      </g>
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

/** From above: round, a boat for a wedge, or with square corners. */
function Outline({ item }: { item: CuttingItem }) {
  const { lengthMm, widthMm } = item.piece;
  if (item.cut === 'wedge') {
    const [left, middle, right] = [PAD_MM, PAD_MM + lengthMm / 2, PAD_MM + lengthMm];
    const [top, edge, bottom] = [PAD_MM, PAD_MM + widthMm / 2, PAD_MM + widthMm];
    return (
      <>
        <path
          d={`M${left} ${edge}Q${middle} ${top - widthMm / 2} ${right} ${edge}Q${middle} ${bottom + widthMm / 2} ${left} ${edge}Z`}
        />
        <path d={`M${left} ${edge}L${right} ${edge}`} />
      </>
    );
  }
  if (item.cut === 'cube' || item.cut === 'stick') {
    return <rect x={PAD_MM} y={PAD_MM} width={lengthMm} height={widthMm} rx={1.5} />;
  }
  return <ellipse cx={PAD_MM + lengthMm / 2} cy={PAD_MM + widthMm / 2} rx={lengthMm / 2} ry={widthMm / 2} />;
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
