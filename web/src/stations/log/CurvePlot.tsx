import { curvePlot, type LaneCurve } from '../../rail/CurveLane';
import { CurveTable } from '../../rail/CurveTable';
import { timeAxis } from '../../rail/timeAxis';
import { useWidth } from '../../ui/useWidth';
import { MINUTE_MS, sayClock } from '../../words/times';

const EDGE = { left: 44, right: 14, bottom: 24 };

/** A lot's curve where there is no rail beside it to draw it on: with minutes of its own. */
export function CurvePlot(props: LaneCurve & { spoonAt: number; outAt: number | null; height: number; until: number }) {
  const [box, width] = useWidth<HTMLDivElement>();
  const last = props.curve.at(-1);
  if (!last) return null;
  const to = Math.max(props.startAt + last.minutes * MINUTE_MS, props.until);
  const x = timeAxis(props.startAt, to, EDGE.left, Math.max(EDGE.left + 1, width - EDGE.right));
  const plot = curvePlot(props);
  const height = props.height - EDGE.bottom;
  const spoonPx = Math.min(Math.max(x(props.spoonAt), x.startPx), x.endPx);
  return (
    <div ref={box} className="relative" style={{ height: props.height }}>
      <CurveTable {...props} heard />
      {width > 0 && (
        <svg width={width} height={props.height} role="img" aria-label={plot.words}>
          {x.ticks(Math.max(2, Math.floor(width / 110))).map((tick) => (
            <text
              key={tick}
              x={x(tick)}
              y={props.height - 6}
              textAnchor="middle"
              className="figures fill-ink-soft text-[0.85rem]"
            >
              {sayClock(tick)}
            </text>
          ))}
          {props.outAt !== null && (
            <g transform={`translate(${x(props.outAt)},0)`}>
              <line y1={16} y2={height} stroke="var(--ink)" strokeWidth={1.5} strokeDasharray="2 3" />
              <text y={11} textAnchor="middle" className="figures fill-ink font-medium text-[0.85rem]">
                out {sayClock(props.outAt)}
              </text>
            </g>
          )}
          <line x1={spoonPx} x2={spoonPx} y2={height} stroke="var(--heat)" strokeWidth={2} />
          {plot.draw({ x, height, spoonAt: props.spoonAt })}
        </svg>
      )}
    </div>
  );
}
