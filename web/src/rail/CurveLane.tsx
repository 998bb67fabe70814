import { area, curveMonotoneX, line } from 'd3-shape';
import type { ReactNode } from 'react';
import type { CurvePoint, TemperatureUnit } from '../api/types';
import { curveAt } from '../curve/curveAt';
import { celsiusOf, inUnit, sayDegrees, sayTemperature } from '../words/temperatures';
import { MINUTE_MS } from '../words/times';
import type { LanePlot } from './LaneBar';
import type { TimeAxis } from './timeAxis';

const EDGE = { top: 12, bottom: 8 };
/** Round temperatures of a scale that must be read at a glance. */
const TICK_EVERY = { celsius: 50, fahrenheit: 100 };
/** Where along the curve its lines are named: where they lie far apart. */
const NAMED_AT = 0.42;

/** A measured temperature on the curve. */
export interface PlottedReading {
  at: number;
  celsius: number;
}

export interface LaneCurve {
  curve: readonly CurvePoint[];
  /** When the curve's minute 0 is. */
  startAt: number;
  /** Null for what has no temperature to get to, such as a vegetable. */
  targetC: number | null;
  unit: TemperatureUnit;
  readings?: readonly PlottedReading[];
}

/** A lot's curve as part of its lane: the middle with its band, the outside and the target, over the rail's own minutes. */
export const curvePlot = (of: LaneCurve): LanePlot => ({
  words: describe(of),
  draw: (place) => <CurveLane {...of} {...place} />,
});

function CurveLane(props: LaneCurve & { x: TimeAxis; height: number; spoonAt: number }) {
  const { curve, unit, x, height } = props;
  const last = curve.at(-1);
  if (!last) return null;
  const topC =
    Math.max(100, ...curve.map((point) => point.surfaceC), ...(props.readings ?? []).map((r) => r.celsius)) + 6;
  const y = (celsius: number) =>
    height - EDGE.bottom - ((height - EDGE.top - EDGE.bottom) * Math.max(0, celsius)) / topC;
  const xOf = (point: CurvePoint) => x(props.startAt + point.minutes * MINUTE_MS);
  const of = (value: (point: CurvePoint) => number) => line<CurvePoint>(xOf, (p) => y(value(p))).curve(curveMonotoneX);
  const band = area<CurvePoint>(
    xOf,
    (p) => y(p.coldestLowC),
    (p) => y(p.coldestHighC),
  ).curve(curveMonotoneX);
  const named = curveAt(curve, last.minutes * NAMED_AT);
  const shown = curveAt(curve, (props.spoonAt - props.startAt) / MINUTE_MS);
  const spoonPx = Math.min(Math.max(x(props.spoonAt), x.startPx), x.endPx);
  const beside = x.startPx > 0;
  return (
    <>
      {ticksOf(topC, unit).map(([value, celsius]) => (
        <g key={value} transform={`translate(0,${y(celsius)})`}>
          <line x1={x.startPx} x2={x.endPx} stroke="var(--hairline)" />
          <Halo
            x={beside ? x.startPx - 8 : 2}
            y={beside ? 5 : -3}
            anchor={beside ? 'end' : 'start'}
            className="figures fill-ink-soft text-[0.85rem]"
          >
            {value}°
          </Halo>
        </g>
      ))}
      <path d={band([...curve]) ?? ''} fill="var(--ink)" opacity={0.14} />
      <path
        d={of((p) => p.surfaceC)([...curve]) ?? ''}
        fill="none"
        stroke="var(--heat)"
        strokeWidth={2.5}
        strokeDasharray="7 4"
      />
      <path d={of((p) => p.coldestC)([...curve]) ?? ''} fill="none" stroke="var(--ink)" strokeWidth={3.5} />
      {props.targetC !== null && (
        <>
          <line
            x1={x.startPx}
            x2={x.endPx}
            y1={y(props.targetC)}
            y2={y(props.targetC)}
            stroke="var(--good)"
            strokeWidth={2}
            strokeDasharray="2 4"
          />
          <Halo
            x={x.startPx + (beside ? 8 : 40)}
            y={y(props.targetC) - 6}
            className="fill-good text-[0.9rem] font-semibold"
          >
            target {sayTemperature(props.targetC, unit)}
          </Halo>
        </>
      )}
      <Halo
        x={xOf(named)}
        y={y(named.surfaceC) - 8}
        anchor="middle"
        className="fill-heat-text text-[0.9rem] font-medium"
      >
        outside
      </Halo>
      <Halo x={xOf(named) + 12} y={y(named.coldestC) + 18} className="fill-ink text-[0.9rem] font-semibold">
        middle
      </Halo>
      {(props.readings ?? []).map((reading) => (
        <rect
          key={`${reading.at}${reading.celsius}`}
          transform={`translate(${x(reading.at)},${y(reading.celsius)}) rotate(45)`}
          x={-5.5}
          y={-5.5}
          width={11}
          height={11}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={2.5}
        />
      ))}
      <Dot x={spoonPx} y={y(shown.surfaceC)} fill="var(--heat)" />
      <Dot x={spoonPx} y={y(shown.coldestC)} fill="var(--ink)" />
      <Halo x={spoonPx - 10} y={y(shown.coldestC) - 9} anchor="end" className="figures fill-ink font-semibold text-lg">
        {sayDegrees(shown.coldestC, unit)}
      </Halo>
    </>
  );
}

/** Words that lie over lines and stay readable. */
function Halo(props: {
  x: number;
  y: number;
  anchor?: 'start' | 'middle' | 'end';
  className: string;
  children: ReactNode;
}) {
  return (
    <text
      x={props.x}
      y={props.y}
      textAnchor={props.anchor ?? 'start'}
      className={props.className}
      stroke="var(--paper)"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {props.children}
    </text>
  );
}

function Dot(props: { x: number; y: number; fill: string }) {
  return <circle cx={props.x} cy={props.y} r={6} fill={props.fill} stroke="var(--paper)" strokeWidth={2} />;
}

/** Round values in a unit from 0 °C to a temperature, each with what it is in °C. */
export function ticksOf(topC: number, unit: TemperatureUnit): [number, number][] {
  const every = TICK_EVERY[unit];
  const ticks: [number, number][] = [];
  for (let value = every * Math.ceil(inUnit(0, unit) / every); value <= inUnit(topC, unit); value += every)
    ticks.push([value, celsiusOf({ value, unit })]);
  return ticks;
}

function describe({ curve, targetC, unit }: LaneCurve): string {
  const last = curve.at(-1);
  if (!last) return '';
  const target = targetC === null ? '' : ` Target for the middle ${sayTemperature(targetC, unit)}.`;
  return `Predicted temperatures over time.${target} At the end the middle is ${sayTemperature(last.coldestC, unit)} and the outside ${sayTemperature(last.surfaceC, unit)}.`;
}
