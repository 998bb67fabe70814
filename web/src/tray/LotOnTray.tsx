import { type KeyboardEvent, memo, type PointerEvent } from 'react';
import type { LotForecast, Spot, TemperatureUnit, VesselLayout } from '../api/types';
import { heatColour } from '../curve/ramp';
import { type DrawnFood, FoodPiece } from '../foods/FoodPiece';
import { type FoodState, stateIn } from '../foods/foodState';
import { sayDegrees } from '../words/temperatures';
import { type LotMoment, lotAt } from './trayMoment';

type Placed = VesselLayout['pieces'][number];

const STEP_MM = 6;

/** What a hand can do to a piece in the picture. */
export interface PieceHands {
  onChoose: (lot: number) => void;
  onPoint: (spot: Spot | null) => void;
  onGrab: (event: PointerEvent<SVGElement>, spot: Spot) => void;
  onMove: (spot: Spot) => void;
}

/** The pieces of one lot: silhouettes by how far they are, the number of the middle on meat, a flag on the slowest. */
export function LotOnTray(props: {
  food: DrawnFood;
  halfLengthMm: number;
  halfWidthMm: number;
  /** How many lie on each other. */
  layers: number;
  pieces: readonly Placed[];
  lot: LotForecast;
  minutes: number;
  isLead: boolean;
  isChosen: boolean;
  unit: TemperatureUnit;
  textMm: number;
  hairMm: number;
  /** Numbers on the meat. */
  isNumbered: boolean;
  drag: { spot: Spot; dx: number; dy: number } | null;
  sayPiece: (spot: Spot) => string;
  hands: PieceHands | null;
}) {
  const { lot, minutes, textMm } = props;
  return (
    <g opacity={lotAt(lot, minutes).where === 'out' ? 0.6 : 1}>
      {props.pieces.map((piece, n) => {
        const held = props.drag?.spot.lot === piece.spot.lot && props.drag.spot.index === piece.spot.index;
        const moment = lotAt(lot, minutes, piece.spot.index);
        return (
          <Piece
            key={piece.spot.index}
            food={props.food}
            halfLengthMm={props.halfLengthMm}
            halfWidthMm={props.halfWidthMm}
            hairMm={props.hairMm}
            layers={props.layers}
            isChosen={props.isChosen}
            spot={piece.spot}
            scale={piece.scale * moment.scale}
            state={pieceState(lot, minutes, moment)}
            heat={lot.isChicken ? heatColour(moment.coldestC) : undefined}
            x={piece.spot.xMm + (held ? (props.drag?.dx ?? 0) : 0)}
            y={piece.spot.yMm + (held ? (props.drag?.dy ?? 0) : 0)}
            // One stop for the tab key per vegetable, one per piece of chicken.
            isStop={lot.isChicken || n === 0}
            label={lot.isChicken || n === 0 ? props.sayPiece(piece.spot) : undefined}
            hands={props.hands}
          />
        );
      })}
      <g stroke="none" pointerEvents="none">
        {(lot.isChicken ? props.pieces : []).map((piece) => {
          const { xMm, yMm, index } = piece.spot;
          const { coldestC, where } = lotAt(lot, minutes, index);
          return (
            <g key={index} transform={`translate(${xMm},${yMm})`}>
              {where !== 'waiting' && props.isNumbered && (
                <text
                  y={textMm * 0.36}
                  textAnchor="middle"
                  className="figures font-semibold"
                  fontSize={textMm}
                  fill={coldestC < 14 || coldestC > 92 ? '#fff' : '#1d1204'}
                >
                  {sayDegrees(coldestC, props.unit)}
                </text>
              )}
              {props.isLead && index === lot.slowest && <ProbeFlag size={textMm} />}
            </g>
          );
        })}
      </g>
    </g>
  );
}

/** A vegetable by its window; each piece of meat by when it is done itself. */
export function pieceState(lot: LotForecast, minutes: number, moment: LotMoment): FoodState {
  if (moment.where === 'waiting') return 'waiting';
  const state = stateIn(lot.good, minutes);
  if (!lot.isChicken || state === 'past') return state;
  return moment.isDone ? 'ready' : 'notYet';
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

/** How far the lower pieces of a heap look out, hairlines. */
const HEAP_HAIRS = 4;

const Piece = memo(function Piece(props: {
  food: DrawnFood;
  halfLengthMm: number;
  halfWidthMm: number;
  hairMm: number;
  layers: number;
  isChosen: boolean;
  spot: Spot;
  scale: number;
  state: FoodState;
  heat: string | undefined;
  x: number;
  y: number;
  isStop: boolean;
  label: string | undefined;
  /** Null where the picture is only looked at, as on paper. */
  hands: PieceHands | null;
}) {
  const { spot, hands } = props;
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
      hands?.onMove({ ...spot, xMm: spot.xMm + move[0], yMm: spot.yMm + move[1], isPinned: true });
    } else if (event.key === 'Enter') hands?.onChoose(spot.lot);
  };
  const named =
    props.isStop && hands
      ? ({ role: 'button', tabIndex: 0, 'aria-label': props.label } as const)
      : ({ 'aria-hidden': true } as const);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: further pieces of a vegetable can be dragged, the first stands for them on the keyboard.
    <g
      {...named}
      transform={`translate(${props.x},${props.y})`}
      className={hands ? 'food-piece cursor-grab outline-none' : ''}
      onKeyDown={onKey}
      onPointerDown={(event) => hands?.onGrab(event, spot)}
      onPointerEnter={() => hands?.onPoint(spot)}
      onPointerLeave={() => hands?.onPoint(null)}
      onFocus={() => hands?.onPoint(spot)}
      onBlur={() => hands?.onPoint(null)}
    >
      {Array.from({ length: props.layers }, (_, under) => props.layers - 1 - under).map((under) => (
        <g
          key={under}
          transform={`translate(${under * HEAP_HAIRS * props.hairMm},${under * HEAP_HAIRS * props.hairMm}) rotate(${spot.angleDegrees + under * 24}) scale(${props.scale})`}
        >
          <FoodPiece
            food={props.food}
            halfLengthMm={props.halfLengthMm}
            halfWidthMm={props.halfWidthMm}
            state={props.state}
            heat={props.heat}
            hairMm={props.hairMm}
            isChosen={props.isChosen}
          />
        </g>
      ))}
    </g>
  );
});
