import type { ReactNode } from 'react';
import type { CurvePoint } from '../api/types';
import { heatColour } from '../curve/ramp';
import { MINUTE_MS } from '../words/times';
import { HandIcon, type HandSign } from './HandIcon';
import type { TimeAxis } from './timeAxis';
import { WindowBar, type WindowSpan } from './WindowBar';

/** A stretch of a lane: preheating, oven and rest by pattern and word; food by its predicted temperature; hands by marks. */
export type Span =
  | { kind: 'preheat' | 'oven' | 'rest' | 'work' | 'free'; from: number; to: number; label: string }
  | {
      kind: 'meat';
      from: number;
      to: number;
      /** When the curve's minute 0 is; where its bar begins, if not said. */
      zeroAt?: number;
      /** When it is done, marked. */
      doneAt?: number;
      curve: readonly CurvePoint[];
      say: (celsius: number) => string;
    }
  | WindowSpan
  | { kind: 'hand'; at: number; from: number; to: number; label: string; sign: HandSign };

export interface Lane {
  name: string;
  /** What stands before the lane where lanes are a list of foods. */
  head?: ReactNode;
  isChosen?: boolean;
  spans: readonly Span[];
  /** What is drawn below its bar, on the same minutes. */
  plot?: LanePlot | undefined;
}

export interface LanePlot {
  words: string;
  draw: (place: { x: TimeAxis; height: number; spoonAt: number }) => ReactNode;
}

const NUMBER_EVERY_PX = 76;
/** On a lower bar a number could not be read. */
const LOWEST_FOR_TEXT_PX = 15;
const MARK_PX = 26;

export function LaneBar({ lane, x, id, bar }: { lane: Lane; x: TimeAxis; id: string; bar: number }) {
  const hands = lane.spans.filter((span) => span.kind === 'hand');
  return (
    <g transform="translate(0,2)">
      <pattern id={`${id}-warming`} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="7" height="7" fill="var(--paper-deep)" />
        <line x1="0" x2="0" y2="7" stroke="var(--control-line)" strokeWidth="3" />
      </pattern>
      <pattern id={`${id}-hatch`} width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="8" height="8" fill="var(--paper)" />
        <line x1="0" x2="0" y2="8" stroke="var(--hairline)" strokeWidth="2" />
      </pattern>
      {lane.spans.map((span, i) => {
        const left = x(span.from);
        const width = Math.max(0, x(span.to) - left);
        const key = `${span.kind}${span.from}`;
        if (span.kind === 'meat') return <MeatBar key={key} span={span} x={x} id={`${id}-${i}`} bar={bar} />;
        if (span.kind === 'window') return <WindowBar key={key} span={span} x={x} id={id} bar={bar} />;
        if (span.kind === 'hand') return null;
        const fill = {
          preheat: `url(#${id}-warming)`,
          oven: 'var(--lane-oven)',
          rest: 'var(--paper-deep)',
          work: 'var(--lane-good)',
          free: 'none',
        }[span.kind];
        return (
          <g key={key}>
            <rect
              x={left}
              width={width}
              height={bar}
              rx={3}
              fill={fill}
              stroke="var(--control-line)"
              strokeWidth={span.kind === 'oven' || span.kind === 'preheat' ? 0 : 1}
              strokeDasharray={span.kind === 'free' ? '2 5' : undefined}
            />
            {bar >= LOWEST_FOR_TEXT_PX && width > span.label.length * 8 && span.kind !== 'preheat' && (
              <text
                x={left + 10}
                y={bar / 2 + 5}
                className="text-[0.9rem] font-medium"
                fill={span.kind === 'oven' ? 'var(--lane-oven-text)' : 'var(--ink)'}
              >
                {span.label}
              </text>
            )}
          </g>
        );
      })}
      {hands.map((span, i) => (
        <HandMark key={`${span.at}${span.label}`} span={span} x={x} bar={bar} nextAt={hands[i + 1]?.at} />
      ))}
    </g>
  );
}

/** Something done by hand: a mark, and in words where there is room before the next. */
function HandMark(props: {
  span: Extract<Span, { kind: 'hand' }>;
  x: TimeAxis;
  bar: number;
  nextAt: number | undefined;
}) {
  const { span, x, bar } = props;
  const left = x(span.at);
  const room = (props.nextAt === undefined ? x.endPx : x(props.nextAt)) - left - 26;
  const fits = Math.floor(room / 7.2);
  return (
    <g transform={`translate(${left},${bar / 2})`}>
      <title>{span.label}</title>
      <HandIcon sign={span.sign} />
      {fits > 4 && (
        <text x={14} y={5} className="fill-ink text-[0.9rem]">
          {span.label.length <= fits ? span.label : `${span.label.slice(0, fits - 1)}…`}
        </text>
      )}
    </g>
  );
}

/** The middle of the meat along time: the ramp's colour, and its number every so often. */
function MeatBar(props: { span: Extract<Span, { kind: 'meat' }>; x: TimeAxis; id: string; bar: number }) {
  const { span, x, id, bar } = props;
  const at = (point: CurvePoint) => x((span.zeroAt ?? span.from) + point.minutes * MINUTE_MS);
  const end = x(span.to);
  const left = x(span.from);
  const width = Math.max(1, end - left);
  const shown = span.curve.filter((point) => at(point) <= end + 0.5);
  const numbers: CurvePoint[] = [];
  for (const point of bar < LOWEST_FOR_TEXT_PX ? [] : shown) {
    const last = numbers[numbers.length - 1];
    const isUnderMark = span.doneAt !== undefined && Math.abs(at(point) - x(span.doneAt)) < MARK_PX;
    if (
      !isUnderMark &&
      at(point) > left + 14 &&
      at(point) < end - 14 &&
      (!last || at(point) - at(last) >= NUMBER_EVERY_PX)
    )
      numbers.push(point);
  }
  return (
    <g>
      <linearGradient id={`${id}-meat`} gradientUnits="userSpaceOnUse" x1={left} x2={left + width}>
        {shown.map((point) => (
          <stop key={point.minutes} offset={(at(point) - left) / width} stopColor={heatColour(point.coldestC)} />
        ))}
      </linearGradient>
      <rect x={left} width={width} height={bar} rx={3} fill={`url(#${id}-meat)`} stroke="var(--control-line)" />
      {numbers.map((point) => (
        <text
          key={point.minutes}
          x={at(point)}
          y={bar / 2 + 5}
          textAnchor="middle"
          className="figures text-[0.9rem] font-semibold"
          fill={point.coldestC < 14 || point.coldestC > 92 ? '#fff' : '#1d1204'}
        >
          {span.say(point.coldestC)}
        </text>
      ))}
      {span.doneAt !== undefined && span.doneAt <= span.to + MINUTE_MS && (
        <path
          d={`M${x(span.doneAt) - 5} ${bar / 2} l4 4 l7 -9`}
          fill="none"
          stroke="var(--paper)"
          strokeWidth={6}
          strokeLinecap="round"
        />
      )}
      {span.doneAt !== undefined && span.doneAt <= span.to + MINUTE_MS && (
        <path
          d={`M${x(span.doneAt) - 5} ${bar / 2} l4 4 l7 -9`}
          fill="none"
          stroke="var(--good)"
          strokeWidth={3}
          strokeLinecap="round"
        />
      )}
    </g>
  );
}
