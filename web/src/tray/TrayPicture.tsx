import { type PointerEvent, useCallback, useMemo, useRef, useState } from 'react';
import type { LotForecast, Spot, TemperatureUnit, TrayLayout, TrayPlan, VesselLayout } from '../api/types';
import { halfSize } from '../foods/drawing';
import { drawnFood } from '../foods/drawnFood';
import { useWidth } from '../ui/useWidth';
import { LotOnTray } from './LotOnTray';

const RIM_MM = 9;

export interface TrayPictureProps {
  plan: Pick<TrayPlan, 'chicken' | 'vegetables'>;
  layout: TrayLayout;
  lots: readonly LotForecast[];
  lead: number;
  minutes: number;
  unit: TemperatureUnit;
  maxHeight: number;
  chosen: number | null;
  names: (lot: number) => string;
  /** A piece in a sentence, for a screen reader and for whoever points at it. */
  sayPiece: (spot: Spot) => string;
  /** Left out where the picture is only looked at, as on paper. */
  onChoose?: (lot: number) => void;
  onPoint?: (spot: Spot | null) => void;
  onMove?: (spot: Spot) => void;
  /** The middle's temperature stands on each piece of meat. */
  isNumbered?: boolean;
}

/** The trays from above, to scale: every piece where it lies, as far as it is at the spoon's minute. */
export function TrayPicture(props: TrayPictureProps) {
  const [box, width] = useWidth<HTMLDivElement>();
  const vessels = props.layout.vessels;
  const widest = Math.max(...vessels.map((vessel) => vessel.widthMm)) + 2 * RIM_MM;
  const deepest = Math.max(...vessels.map((vessel) => vessel.depthMm)) + 2 * RIM_MM;
  const gap = 18;
  const pxPerMm = Math.min((width - gap * (vessels.length - 1)) / (widest * vessels.length), props.maxHeight / deepest);
  return (
    <div ref={box} className="flex min-w-0 items-start justify-center gap-[18px] overflow-hidden">
      {width > 0 &&
        vessels.map((vessel, index) => (
          <OneVessel
            // biome-ignore lint/suspicious/noArrayIndexKey: a tray is its place in the oven.
            key={index}
            {...props}
            vessel={vessel}
            index={index}
            pxPerMm={pxPerMm}
            shelf={vessels.length < 2 ? null : index === 0 ? 'upper shelf' : 'lower shelf'}
          />
        ))}
    </div>
  );
}

function OneVessel(
  props: TrayPictureProps & { vessel: VesselLayout; index: number; pxPerMm: number; shelf: string | null },
) {
  const { vessel, pxPerMm } = props;
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ spot: Spot; fromX: number; fromY: number; dx: number; dy: number } | null>(null);
  const wide = vessel.widthMm + 2 * RIM_MM;
  const deep = vessel.depthMm + 2 * RIM_MM;

  const { onChoose, onPoint, onMove } = props;
  const begin = useCallback(
    (event: PointerEvent<SVGElement>, spot: Spot) => {
      svg.current?.setPointerCapture(event.pointerId);
      onChoose?.(spot.lot);
      setDrag({ spot, fromX: event.clientX, fromY: event.clientY, dx: 0, dy: 0 });
    },
    [onChoose],
  );
  const hands = useMemo(
    () => (onChoose && onPoint && onMove ? { onChoose, onPoint, onMove, onGrab: begin } : null),
    [onChoose, onPoint, onMove, begin],
  );
  const follow = (event: PointerEvent<SVGElement>) =>
    setDrag(
      (now) => now && { ...now, dx: (event.clientX - now.fromX) / pxPerMm, dy: (event.clientY - now.fromY) / pxPerMm },
    );
  const end = () => {
    if (drag && Math.hypot(drag.dx, drag.dy) > 4)
      props.onMove?.({ ...drag.spot, xMm: drag.spot.xMm + drag.dx, yMm: drag.spot.yMm + drag.dy, isPinned: true });
    setDrag(null);
  };

  const corner = vessel.isRound ? deep / 2 : 14;
  return (
    <figure
      aria-label={`The tray from above${props.shelf ? `, ${props.shelf}` : ''}`}
      className="grid justify-items-center"
    >
      {/* biome-ignore lint/a11y/noSvgWithoutTitle: the figure has the name; the pieces inside are controls of their own. */}
      <svg
        ref={svg}
        width={wide * pxPerMm}
        height={deep * pxPerMm}
        viewBox={`${-RIM_MM} ${-RIM_MM} ${wide} ${deep}`}
        className="touch-none"
        onPointerMove={drag ? follow : undefined}
        onPointerUp={end}
        onPointerCancel={() => setDrag(null)}
      >
        <rect x={-RIM_MM} y={-RIM_MM} width={wide} height={deep} rx={corner} fill="var(--ink)" />
        <rect
          x={-RIM_MM + 3}
          y={-RIM_MM + 3}
          width={wide - 6}
          height={deep - 6}
          rx={corner - 3}
          fill="var(--enamel)"
          stroke="var(--hairline)"
        />
        {props.layout.outlines.map((outline) => {
          const lot = props.lots.find((other) => other.lot === outline.lot);
          const pieces = vessel.pieces.filter((piece) => piece.spot.lot === outline.lot);
          const food = drawnFood(props.plan, outline.lot);
          if (!lot || !food || pieces.length === 0) return null;
          return (
            <LotOnTray
              key={outline.lot}
              food={food}
              {...halfSize(outline.outline)}
              layers={'vegetable' in food ? (food.vegetable.layers ?? 1) : 1}
              pieces={pieces}
              lot={lot}
              minutes={props.minutes}
              isLead={outline.lot === props.lead}
              isChosen={outline.lot === props.chosen}
              unit={props.unit}
              textMm={15 / pxPerMm}
              hairMm={1 / pxPerMm}
              isNumbered={props.isNumbered ?? true}
              drag={drag}
              sayPiece={props.sayPiece}
              hands={hands}
            />
          );
        })}
      </svg>
      {props.shelf && (
        <figcaption className="pt-0.5 text-[0.85rem] text-ink-soft first-letter:uppercase">{props.shelf}</figcaption>
      )}
    </figure>
  );
}
