import { scaleLinear, scaleTime } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import type { CurvePoint, TemperatureUnit } from '../api/types';
import { useWidth } from '../ui/useWidth';
import { inUnit, sayDegrees, sayTemperature } from '../words/temperatures';
import { MINUTE_MS, sayClock } from '../words/times';
import { CurveTable } from './CurveTable';
import { curveAt } from './curveAt';

const EDGE = { top: 30, right: 74, bottom: 26, left: 44 };

/** A measured temperature on the plot. */
export interface PlottedReading {
  at: number;
  celsius: number;
}

/**
 * The middle and the outside over time, with the band of the middle, the target, when it comes out, and the rest.
 */
export function CurvePlot(props: {
  curve: readonly CurvePoint[];
  startAt: number;
  spoonAt: number;
  targetC: number;
  outAt: number | null;
  unit: TemperatureUnit;
  height: number;
  /** The time axis goes on at least until here. */
  until?: number;
  readings?: readonly PlottedReading[];
}) {
  const [box, width] = useWidth<HTMLDivElement>();
  const { curve, unit } = props;
  const last = curve[curve.length - 1];
  if (!last) return null;

  const timeOf = (point: CurvePoint) => props.startAt + point.minutes * MINUTE_MS;
  const topC =
    Math.max(100, ...curve.map((point) => point.surfaceC), ...(props.readings ?? []).map((r) => r.celsius)) + 6;
  const x = scaleTime(
    [props.startAt, Math.max(timeOf(last), props.until ?? 0)],
    [EDGE.left, Math.max(EDGE.left + 1, width - EDGE.right)],
  );
  const y = scaleLinear([inUnit(0, unit), inUnit(topC, unit)], [props.height - EDGE.bottom, EDGE.top]);
  const yC = (celsius: number) => y(inUnit(Math.max(0, celsius), unit));

  const band = area<CurvePoint>(
    xOf,
    (p) => yC(p.coldestLowC),
    (p) => yC(p.coldestHighC),
  ).curve(curveMonotoneX);
  const middle = line<CurvePoint>(xOf, (p) => yC(p.coldestC)).curve(curveMonotoneX);
  const outside = line<CurvePoint>(xOf, (p) => yC(p.surfaceC)).curve(curveMonotoneX);
  function xOf(point: CurvePoint) {
    return x(timeOf(point));
  }

  const shown = curveAt(curve, (props.spoonAt - props.startAt) / MINUTE_MS);
  const spoonX = Math.min(Math.max(x(props.spoonAt), EDGE.left), x.range()[1] ?? 0);
  const right = x.range()[1] ?? 0;
  const lastX = x(timeOf(last));
  const ends = spread(yC(last.surfaceC), yC(last.coldestC), 20);

  return (
    <div ref={box} className="relative" style={{ height: props.height }}>
      <CurveTable curve={curve} startAt={props.startAt} unit={unit} />
      {width > 0 && (
        <svg width={width} height={props.height} role="img" aria-label={describe(props, last)}>
          {y.ticks(5).map((tick) => (
            <g key={tick} transform={`translate(0,${y(tick)})`}>
              <line x1={EDGE.left} x2={right} stroke="var(--hairline)" />
              <text x={EDGE.left - 8} y={5} textAnchor="end" className="figures fill-ink-soft text-[0.85rem]">
                {tick}°
              </text>
            </g>
          ))}
          {x.ticks(Math.max(2, Math.floor(width / 110))).map((tick) => (
            <text
              key={tick.getTime()}
              x={x(tick)}
              y={props.height - 6}
              textAnchor="middle"
              className="figures fill-ink-soft text-[0.85rem]"
            >
              {sayClock(tick)}
            </text>
          ))}
          {props.outAt !== null && props.outAt < x.invert(right).getTime() && (
            <rect
              x={x(props.outAt)}
              width={right - x(props.outAt)}
              y={EDGE.top}
              height={props.height - EDGE.bottom - EDGE.top}
              fill="var(--paper-deep)"
            />
          )}
          <path d={band([...curve]) ?? ''} fill="var(--ink)" opacity={0.14} />
          <path
            d={outside([...curve]) ?? ''}
            fill="none"
            stroke="var(--heat)"
            strokeWidth={2.5}
            strokeDasharray="7 4"
          />
          <path d={middle([...curve]) ?? ''} fill="none" stroke="var(--ink)" strokeWidth={3.5} />
          <line
            x1={EDGE.left}
            x2={right}
            y1={yC(props.targetC)}
            y2={yC(props.targetC)}
            stroke="var(--good)"
            strokeWidth={2}
            strokeDasharray="2 4"
          />
          <text x={EDGE.left + 8} y={yC(props.targetC) - 7} className="fill-good text-[0.9rem] font-semibold">
            target {sayTemperature(props.targetC, unit)}
          </text>
          {props.outAt !== null && (
            <g transform={`translate(${x(props.outAt)},0)`}>
              <line y1={EDGE.top - 6} y2={props.height - EDGE.bottom} stroke="var(--ink)" strokeWidth={1.5} />
              <text y={EDGE.top - 12} textAnchor="middle" className="figures fill-ink text-[0.9rem] font-semibold">
                out {sayClock(props.outAt)}
              </text>
            </g>
          )}
          <text x={lastX + 8} y={ends.outside + 5} className="fill-heat-text text-[0.9rem] font-medium">
            outside
          </text>
          <text x={lastX + 8} y={ends.middle + 5} className="fill-ink text-[0.9rem] font-semibold">
            middle
          </text>
          {(props.readings ?? []).map((reading) => (
            <g
              key={`${reading.at}${reading.celsius}`}
              transform={`translate(${x(reading.at)},${yC(reading.celsius)}) rotate(45)`}
            >
              <rect
                x={-5.5}
                y={-5.5}
                width={11}
                height={11}
                fill="var(--paper)"
                stroke="var(--ink)"
                strokeWidth={2.5}
              />
            </g>
          ))}
          <line
            x1={spoonX}
            x2={spoonX}
            y1={EDGE.top}
            y2={props.height - EDGE.bottom}
            stroke="var(--heat)"
            strokeWidth={2}
          />
          <Dot x={spoonX} y={yC(shown.surfaceC)} fill="var(--heat)" />
          <Dot x={spoonX} y={yC(shown.coldestC)} fill="var(--ink)" />
          <text
            x={spoonX - 10}
            y={yC(shown.coldestC) - 12}
            textAnchor="end"
            className="figures fill-ink font-semibold text-lg"
            stroke="var(--paper)"
            strokeWidth={5}
            paintOrder="stroke"
          >
            {sayDegrees(shown.coldestC, unit)}
          </text>
        </svg>
      )}
    </div>
  );
}

function Dot(props: { x: number; y: number; fill: string }) {
  return <circle cx={props.x} cy={props.y} r={6} fill={props.fill} stroke="var(--paper)" strokeWidth={2} />;
}

/** Keeps two labels from lying on each other, whichever is the upper one. */
function spread(outside: number, middle: number, apart: number) {
  const gap = middle - outside;
  const push = Math.max(0, apart - Math.abs(gap)) / 2;
  const down = gap < 0 ? -1 : 1;
  return { outside: outside - down * push, middle: middle + down * push };
}

function describe(props: { targetC: number; outAt: number | null; unit: TemperatureUnit }, last: CurvePoint): string {
  const out = props.outAt === null ? '' : ` The tray comes out at ${sayClock(props.outAt)}.`;
  return `Predicted temperatures over time.${out} Target for the middle ${sayTemperature(props.targetC, props.unit)}; at the end the middle is ${sayTemperature(last.coldestC, props.unit)} and the outside ${sayTemperature(last.surfaceC, props.unit)}.`;
}
