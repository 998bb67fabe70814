import type { WholeBake } from '../../kitchen/bakes';
import { type OvenPiece, pieceKey } from './pieces';

const TALL_PX = 84;

/** A mark is drawn whole, also of a piece at the rim. */
const MARK_PX = 14;

const inside = (share: number, lengthPx: number) => Math.min(Math.max(share * lengthPx, MARK_PX), lengthPx - MARK_PX);

/** The trays from above: the piece that is asked for filled, those asked for after it numbered in their order. */
export function PieceMap({ bake, asked, current }: { bake: WholeBake; asked: OvenPiece[]; current: OvenPiece }) {
  const pieces = bake.lots
    .filter((lot) => lot.isChicken && lot.place !== null && !lot.isOff)
    .flatMap((lot) =>
      lot.pieces.filter((piece) => !piece.isOff).map((piece) => ({ key: `${lot.lot}.${piece.piece}`, at: piece.at })),
    );
  const order = new Map(asked.map((piece, n) => [pieceKey(piece), n + 1]));
  return (
    <div className="flex items-end gap-3" aria-hidden>
      {bake.vessels.map((vessel, index) => {
        const wide = (TALL_PX * vessel.widthMm) / vessel.depthMm;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a tray is its place in the oven.
          <svg key={index} aria-hidden width={wide} height={TALL_PX} className="shrink-0">
            <title>Seen from above, the door at the bottom</title>
            <rect x="1" y="1" width={wide - 2} height={TALL_PX - 2} rx="7" className="fill-none stroke-control-line" />
            {pieces
              .filter((piece) => piece.at?.vessel === index)
              .map(({ key, at }) => {
                const isCurrent = key === pieceKey(current);
                const number = order.get(key);
                return (
                  <g
                    key={key}
                    transform={`translate(${inside(at?.xShare ?? 0, wide)} ${inside(at?.yShare ?? 0, TALL_PX)})`}
                  >
                    <circle
                      r={isCurrent ? 12 : number ? 11 : 5}
                      className={isCurrent ? 'fill-heat' : number ? 'fill-paper stroke-ink' : 'fill-control-line'}
                    />
                    {(number || isCurrent) && (
                      <text
                        textAnchor="middle"
                        dominantBaseline="central"
                        className={`figures font-semibold text-sm ${isCurrent ? 'fill-on-heat' : 'fill-ink'}`}
                      >
                        {number ?? '●'}
                      </text>
                    )}
                  </g>
                );
              })}
          </svg>
        );
      })}
    </div>
  );
}
