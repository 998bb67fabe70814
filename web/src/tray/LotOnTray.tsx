import { type KeyboardEvent, memo, type PointerEvent } from 'react';
import type { LotForecast, Spot, TemperatureUnit, VesselLayout } from '../api/types';
import { heatColour } from '../curve/ramp';
import { sayDegrees } from '../words/temperatures';
import { lotAt } from './trayMoment';

type Placed = VesselLayout['pieces'][number];

const STEP_MM = 6;

/** The pieces of one lot: silhouettes, the number of the middle, a mark when done, a flag on the slowest. */
export function LotOnTray(props: {
  path: string;
  pieces: readonly Placed[];
  lot: LotForecast;
  minutes: number;
  isLead: boolean;
  isChosen: boolean;
  unit: TemperatureUnit;
  textMm: number;
  drag: { spot: Spot; dx: number; dy: number } | null;
  sayPiece: (spot: Spot) => string;
  onChoose: (lot: number) => void;
  onPoint: (spot: Spot | null) => void;
  onGrab: (event: PointerEvent<SVGElement>, spot: Spot) => void;
  onMove: (spot: Spot) => void;
}) {
  const { lot, minutes, textMm } = props;
  const moment = lotAt(lot, minutes);
  const isWaiting = moment.where === 'waiting';
  const numbered = lot.isChicken ? props.pieces : props.pieces.slice(0, 1);
  return (
    <g
      fill={isWaiting ? 'none' : heatColour(moment.coldestC)}
      stroke={props.isChosen ? 'var(--ink)' : 'var(--piece-line)'}
      strokeWidth={props.isChosen ? 2.4 : 1.1}
      strokeDasharray={isWaiting ? '4 4' : undefined}
      opacity={moment.where === 'out' ? 0.55 : 1}
    >
      {props.pieces.map((piece, n) => {
        const held = props.drag?.spot.lot === piece.spot.lot && props.drag.spot.index === piece.spot.index;
        const shiftX = held ? (props.drag?.dx ?? 0) : 0;
        const shiftY = held ? (props.drag?.dy ?? 0) : 0;
        return (
          <Piece
            key={piece.spot.index}
            path={props.path}
            spot={piece.spot}
            scale={piece.scale * moment.scale}
            // Chicken piece by piece; a vegetable all at once, by the group.
            fill={!lot.isChicken || isWaiting ? undefined : heatColour(lotAt(lot, minutes, piece.spot.index).coldestC)}
            x={piece.spot.xMm + shiftX}
            y={piece.spot.yMm + shiftY}
            // One stop for the tab key per vegetable, one per piece of chicken.
            isStop={lot.isChicken || n === 0}
            label={lot.isChicken || n === 0 ? props.sayPiece(piece.spot) : undefined}
            onChoose={props.onChoose}
            onPoint={props.onPoint}
            onGrab={props.onGrab}
            onMove={props.onMove}
          />
        );
      })}
      <g stroke="none" pointerEvents="none">
        {numbered.map((piece) => {
          const { xMm, yMm, index } = piece.spot;
          const { coldestC, isDone } = lotAt(lot, minutes, index);
          // On a large piece in the colour that reads on it; a small one is too small for its number.
          const ink = !lot.isChicken ? 'var(--ink)' : coldestC < 14 || coldestC > 92 ? '#fff' : '#1d1204';
          return (
            <g key={index} transform={`translate(${xMm},${yMm})`}>
              {!isWaiting && (
                <text
                  y={textMm * 0.36}
                  textAnchor="middle"
                  className="figures font-semibold"
                  fontSize={textMm}
                  fill={ink}
                  stroke={lot.isChicken ? 'none' : 'var(--enamel)'}
                  strokeWidth={textMm * 0.3}
                  paintOrder="stroke"
                >
                  {sayDegrees(coldestC, props.unit)}
                </text>
              )}
              {isDone && !isWaiting && (
                <path
                  d="M-5 0 L-1.5 4 L6 -5"
                  transform={`translate(${lot.isChicken ? 0 : textMm * 1.6},${lot.isChicken ? textMm * 0.95 : 0}) scale(${textMm / 16})`}
                  fill="none"
                  stroke={lot.isChicken ? ink : 'var(--good)'}
                  strokeWidth={3}
                  strokeLinecap="round"
                />
              )}
              {props.isLead && index === lot.slowest && <ProbeFlag size={textMm} />}
            </g>
          );
        })}
      </g>
    </g>
  );
}

/** Where the probe goes: a pin with a pennant. */
function ProbeFlag({ size }: { size: number }) {
  return (
    <g transform={`translate(${size * 0.2},${-size * 0.75}) scale(${size / 15})`}>
      <line y1={2} y2={-20} stroke="var(--ink)" strokeWidth={2.2} />
      <path d="M0 -20 L13 -16 L0 -11 Z" fill="var(--heat)" stroke="var(--ink)" strokeWidth={1.2} />
    </g>
  );
}

const Piece = memo(function Piece(props: {
  path: string;
  spot: Spot;
  scale: number;
  fill: string | undefined;
  x: number;
  y: number;
  isStop: boolean;
  label: string | undefined;
  onChoose: (lot: number) => void;
  onPoint: (spot: Spot | null) => void;
  onGrab: (event: PointerEvent<SVGElement>, spot: Spot) => void;
  onMove: (spot: Spot) => void;
}) {
  const { spot } = props;
  const onKey = (event: KeyboardEvent) => {
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-STEP_MM, 0],
      ArrowRight: [STEP_MM, 0],
      ArrowUp: [0, -STEP_MM],
      ArrowDown: [0, STEP_MM],
    };
    const move = moves[event.key];
    if (move) {
      event.preventDefault();
      props.onMove({ ...spot, xMm: spot.xMm + move[0], yMm: spot.yMm + move[1], isPinned: true });
    } else if (event.key === 'Enter') props.onChoose(spot.lot);
  };
  const named = props.isStop
    ? ({ role: 'button', tabIndex: 0, 'aria-label': props.label } as const)
    : ({ 'aria-hidden': true } as const);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: further pieces of a vegetable can be dragged, the first stands for them on the keyboard.
    <path
      {...named}
      d={props.path}
      fill={props.fill}
      transform={`translate(${props.x},${props.y}) rotate(${spot.angleDegrees}) scale(${props.scale})`}
      className="cursor-grab outline-none focus-visible:stroke-[5px] focus-visible:stroke-heat"
      pointerEvents="all"
      onKeyDown={onKey}
      onPointerDown={(event) => props.onGrab(event, spot)}
      onPointerEnter={() => props.onPoint(spot)}
      onPointerLeave={() => props.onPoint(null)}
      onFocus={() => props.onPoint(spot)}
      onBlur={() => props.onPoint(null)}
    />
  );
});
