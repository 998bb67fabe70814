import type { ScaleTime } from 'd3-scale';
import type { CurvePoint } from '../api/types';
import { heatColour } from '../curve/ramp';
import { MINUTE_MS } from '../words/times';

/** A stretch of a lane: preheating, oven and rest by pattern and word; meat by its predicted temperature. */
export type Span =
  | { kind: 'preheat' | 'oven' | 'rest'; from: number; to: number; label: string }
  | { kind: 'meat'; from: number; to: number; curve: readonly CurvePoint[]; say: (celsius: number) => string };

export interface Lane {
  name: string;
  spans: readonly Span[];
}

const BAR_PX = 26;
const NUMBER_EVERY_PX = 76;

export function LaneBar({ lane, x, id }: { lane: Lane; x: ScaleTime<number, number>; id: string }) {
  return (
    <g transform="translate(0,2)">
      <pattern id={`${id}-warming`} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="7" height="7" fill="var(--paper-deep)" />
        <line x1="0" x2="0" y2="7" stroke="var(--control-line)" strokeWidth="3" />
      </pattern>
      {lane.spans.map((span, i) => {
        const left = x(span.from);
        const width = Math.max(0, x(span.to) - left);
        const key = `${span.kind}${span.from}`;
        if (span.kind === 'meat') return <MeatBar key={key} span={span} x={x} id={`${id}-${i}`} />;
        const fill = { preheat: `url(#${id}-warming)`, oven: 'var(--lane-oven)', rest: 'var(--paper-deep)' }[span.kind];
        return (
          <g key={key}>
            <rect
              x={left}
              width={width}
              height={BAR_PX}
              rx={3}
              fill={fill}
              stroke="var(--control-line)"
              strokeWidth={span.kind === 'rest' ? 1 : 0}
            />
            {width > span.label.length * 8 && span.kind !== 'preheat' && (
              <text
                x={left + 10}
                y={18}
                className="text-[0.9rem] font-medium"
                fill={span.kind === 'oven' ? 'var(--lane-oven-text)' : 'var(--ink)'}
              >
                {span.label}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** The middle of the meat along time: the ramp's colour, and its number every so often. */
function MeatBar({ span, x, id }: { span: Extract<Span, { kind: 'meat' }>; x: ScaleTime<number, number>; id: string }) {
  const at = (point: CurvePoint) => x(span.from + point.minutes * MINUTE_MS);
  const end = x(span.to);
  const left = x(span.from);
  const width = Math.max(1, end - left);
  const shown = span.curve.filter((point) => at(point) <= end + 0.5);
  const numbers: CurvePoint[] = [];
  for (const point of shown) {
    const last = numbers[numbers.length - 1];
    if (at(point) > left + 14 && at(point) < end - 14 && (!last || at(point) - at(last) >= NUMBER_EVERY_PX))
      numbers.push(point);
  }
  return (
    <g>
      <linearGradient id={`${id}-meat`} gradientUnits="userSpaceOnUse" x1={left} x2={left + width}>
        {shown.map((point) => (
          <stop key={point.minutes} offset={(at(point) - left) / width} stopColor={heatColour(point.coldestC)} />
        ))}
      </linearGradient>
      <rect x={left} width={width} height={BAR_PX} rx={3} fill={`url(#${id}-meat)`} stroke="var(--control-line)" />
      {numbers.map((point) => (
        <text
          key={point.minutes}
          x={at(point)}
          y={18}
          textAnchor="middle"
          className="figures text-[0.9rem] font-semibold"
          fill={point.coldestC < 14 || point.coldestC > 92 ? '#fff' : '#1d1204'}
        >
          {span.say(point.coldestC)}
        </text>
      ))}
    </g>
  );
}
