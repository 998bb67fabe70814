import { scaleTime } from 'd3-scale';
import { type KeyboardEvent, memo, type PointerEvent, useId, useRef } from 'react';
import { useWidth } from '../ui/useWidth';
import { MINUTE_MS, sayClock } from '../words/times';
import { type Lane, LaneBar } from './LaneBar';
import { SpoonShape } from './SpoonMark';

const NAMES_PX = 92;
const LONGEST_NAME = 13;
const TICKS_PX = 22;
/** Bars are lower where there are many of them. */
const BAR_PX = { few: 26, many: 19 };
const FEW_LANES = 4;
const BOWL_PX = 30;
const LANES_TOP = BOWL_PX + TICKS_PX;

/** A low rail takes about as much, whatever it holds: bars are as high as that leaves them, and a number needs its room. */
const LOW_PX = 118;
const LOWEST_LANE_PX = 13;
export interface RailMark {
  at: number;
  label: string;
}

/**
 * The strip of time. The spoon is its playhead: drag it, or use the arrow keys, and the station shows that minute.
 */
export function Rail(props: {
  from: number;
  to: number;
  lanes: readonly Lane[];
  marks: readonly RailMark[];
  spoonAt: number;
  onSpoon: (at: number) => void;
  spoonText: string;
  /** For a screen on which other things matter more. */
  low?: boolean;
}) {
  const [box, width] = useWidth<HTMLDivElement>();
  const dragging = useRef(false);
  const x = railScale(props.from, props.to, width);
  const { bar, lanePx } = props.low ? lowLanes(props.lanes.length) : lanesOf(props.lanes.length);
  const height = LANES_TOP + props.lanes.length * lanePx + 6;

  const clamp = (at: number) => Math.min(props.to, Math.max(props.from, at));
  const moveTo = (event: PointerEvent<HTMLElement>) => {
    const left = box.current?.getBoundingClientRect().left ?? 0;
    props.onSpoon(clamp(x.invert(event.clientX - left).getTime()));
  };
  const onKey = (event: KeyboardEvent) => {
    const steps: Record<string, number> = {
      ArrowLeft: -1,
      ArrowDown: -1,
      ArrowRight: 1,
      ArrowUp: 1,
      PageDown: -10,
      PageUp: 10,
    };
    const step = steps[event.key];
    const target =
      event.key === 'Home'
        ? props.from
        : event.key === 'End'
          ? props.to
          : step
            ? props.spoonAt + step * MINUTE_MS
            : null;
    if (target === null) return;
    event.preventDefault();
    props.onSpoon(clamp(target));
  };

  return (
    <section aria-label="The rail: the evening minute by minute">
      {/* The whole strip follows a thumb; the slider inside is the control that keyboards and screen readers use. */}
      <div
        ref={box}
        className="relative touch-none select-none"
        style={{ height }}
        onPointerDown={(event) => {
          dragging.current = true;
          event.currentTarget.setPointerCapture(event.pointerId);
          moveTo(event);
        }}
        onPointerMove={(event) => dragging.current && moveTo(event)}
        onPointerUp={() => {
          dragging.current = false;
        }}
      >
        {width > 0 && (
          <>
            <RailStrip
              from={props.from}
              to={props.to}
              lanes={props.lanes}
              marks={props.marks}
              width={width}
              height={height}
              bar={bar}
              lanePx={lanePx}
            />
            <div
              role="slider"
              tabIndex={0}
              aria-label="Minute shown"
              aria-valuemin={0}
              aria-valuemax={Math.round((props.to - props.from) / MINUTE_MS)}
              aria-valuenow={Math.round((props.spoonAt - props.from) / MINUTE_MS)}
              aria-valuetext={props.spoonText}
              onKeyDown={onKey}
              className="absolute top-0 w-11 cursor-ew-resize rounded-md"
              style={{ left: x(props.spoonAt) - 22, height }}
            >
              <svg aria-hidden="true" width={44} height={height}>
                <line x1={22} x2={22} y1={30} y2={height - 3} stroke="var(--heat)" strokeWidth={3} />
                <g transform="translate(12,2) scale(1.25)">
                  <SpoonShape />
                </g>
              </svg>
            </div>
          </>
        )}
      </div>
    </section>
  );
}

function lanesOf(count: number) {
  const bar = count > FEW_LANES ? BAR_PX.many : BAR_PX.few;
  return { bar, lanePx: bar + (count > FEW_LANES ? 5 : 10) };
}

function lowLanes(count: number) {
  const lanePx = Math.max(LOWEST_LANE_PX, Math.min(BAR_PX.many + 3, Math.floor((LOW_PX - LANES_TOP - 6) / count)));
  return { bar: lanePx - 3, lanePx };
}

const railScale = (from: number, to: number, width: number) =>
  scaleTime()
    .domain([from, to])
    .range([NAMES_PX, Math.max(NAMES_PX + 1, width - 12)]);

/** All of the strip but the spoon: drawn again only when the evening changes. */
const RailStrip = memo(function RailStrip(props: {
  from: number;
  to: number;
  lanes: readonly Lane[];
  marks: readonly RailMark[];
  width: number;
  height: number;
  bar: number;
  lanePx: number;
}) {
  const { from, to, lanes, marks, width, height, bar, lanePx } = props;
  const ids = useId();
  const x = railScale(from, to, width);
  return (
    <svg aria-hidden="true" width={width} height={height} className="absolute inset-0">
      {x
        .ticks(Math.max(2, Math.floor(width / 130)))
        .filter((tick) => x(tick) < width - 24)
        .map((tick) => (
          <g key={tick.getTime()} transform={`translate(${x(tick)},0)`}>
            <line y1={LANES_TOP - 4} y2={height - 4} stroke="var(--hairline)" />
            <text y={LANES_TOP - 8} textAnchor="middle" className="figures fill-ink-soft text-[0.85rem]">
              {sayClock(tick)}
            </text>
          </g>
        ))}
      {lanes.map((lane, i) => (
        <g key={lane.name} transform={`translate(0,${LANES_TOP + i * lanePx})`}>
          <text
            x={0}
            y={2 + bar / 2 + 4.5}
            className={`fill-ink font-display ${lanePx < BAR_PX.many ? 'text-[0.8rem]' : 'text-[0.95rem]'}`}
          >
            {shortName(lane.name)}
          </text>
          <LaneBar lane={lane} x={x} id={`${ids}-${i}`} bar={bar} />
        </g>
      ))}
      {marks.map((mark) => (
        <g key={`${mark.label}${mark.at}`} transform={`translate(${x(mark.at)},0)`}>
          <line y1={BOWL_PX - 8} y2={height - 4} stroke="var(--ink)" strokeWidth={1.5} strokeDasharray="2 3" />
          <text y={BOWL_PX - 12} textAnchor="middle" className="fill-ink text-[0.85rem] font-medium">
            {mark.label}
          </text>
        </g>
      ))}
    </svg>
  );
});

/** A name that fits beside its bar, with a capital. */
function shortName(name: string): string {
  const short = name.length <= LONGEST_NAME ? name : (name.split(/[ ,]/).at(-1) ?? name).slice(0, LONGEST_NAME);
  return `${short[0]?.toUpperCase() ?? ''}${short.slice(1)}`;
}
