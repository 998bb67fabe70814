import { type KeyboardEvent, memo, type PointerEvent, type ReactNode, useId, useRef } from 'react';
import { useWidth } from '../ui/useWidth';
import { MINUTE_MS, sayClock } from '../words/times';
import { type Lane, LaneBar } from './LaneBar';
import { SpoonShape } from './SpoonMark';
import { timeAxis } from './timeAxis';

const NAMES_PX = 92;
const LONGEST_NAME = 13;
const TICKS_PX = 22;
/** Bars are lower where there are many of them. */
const BAR_PX = { few: 26, many: 19 };
const FEW_LANES = 4;
const BOWL_PX = 30;
/** As wide as a fingertip to either side. */
const GRAB_PX = 28;
const LANES_TOP = BOWL_PX + TICKS_PX;

/** Where lanes are a list of foods, each begins with a head; on a narrow screen the head stands above its bar. */
const HEAD = { besidePx: 316, abovePx: 44, narrowPx: 720, cornerPx: 52 };
const LISTED_LANE_PX = { few: 36, many: 32 };
const MANY_LISTED = 6;

/** How much taller a lane is with its curve drawn in it. */
const PLOT_PX = 118;

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
  /** Null where there is nothing to show a minute of. */
  spoonAt: number | null;
  onSpoon: (at: number) => void;
  spoonText: string;
  /** Only a hand on the spoon itself moves it: a touch elsewhere must change nothing. */
  grabbed?: boolean;
  /** What the spoon moves, for who does not see it. */
  spoonName?: string;
  /** A stretch that holds for all lanes, such as when everything is good. */
  band?: { from: number; to: number } | null;
  /** What stands where the heads of the lanes begin, such as buttons that add one. */
  corner?: ReactNode;
  /** For a screen on which other things matter more. */
  low?: boolean;
}) {
  const [box, width] = useWidth<HTMLDivElement>();
  const dragging = useRef(false);
  const shape = shapeOf(props, width);
  const { namesPx, lanesTop, lanePx, laneTops, height } = shape;
  const x = railScale(props.from, props.to, width, namesPx);

  const clamp = (at: number) => Math.min(props.to, Math.max(props.from, at));
  const moveTo = (event: PointerEvent<HTMLElement>) => {
    const left = box.current?.getBoundingClientRect().left ?? 0;
    props.onSpoon(clamp(x.at(event.clientX - left)));
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
            ? (props.spoonAt ?? props.from) + step * MINUTE_MS
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
          const px = event.clientX - (box.current?.getBoundingClientRect().left ?? 0);
          if (props.grabbed && Math.abs(px - x(props.spoonAt ?? props.from)) > GRAB_PX) return;
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
              band={props.band ?? null}
              width={width}
              shape={shape}
            />
            {props.lanes.map(
              (lane, i) =>
                lane.plot && (
                  <svg
                    key={lane.name}
                    role="img"
                    aria-label={lane.plot.words}
                    width={width}
                    height={PLOT_PX}
                    className="pointer-events-none absolute left-0"
                    style={{ top: (laneTops[i] ?? 0) + lanePx }}
                  >
                    {lane.plot.draw({ x, height: PLOT_PX, spoonAt: props.spoonAt ?? props.from })}
                  </svg>
                ),
            )}
            {props.spoonAt !== null && (
              <div
                role="slider"
                tabIndex={0}
                aria-label={props.spoonName ?? 'Minute shown'}
                aria-valuemin={0}
                aria-valuemax={Math.round((props.to - props.from) / MINUTE_MS)}
                aria-valuenow={Math.round((props.spoonAt - props.from) / MINUTE_MS)}
                aria-valuetext={props.spoonText}
                onKeyDown={onKey}
                className="pointer-events-none absolute w-11 rounded-md"
                style={{
                  left: x(props.spoonAt) - 22,
                  top: lanesTop - LANES_TOP,
                  height: height - lanesTop + LANES_TOP,
                }}
              >
                <svg aria-hidden="true" width={44} height={height - lanesTop + LANES_TOP}>
                  <line
                    x1={22}
                    x2={22}
                    y1={30}
                    y2={height - lanesTop + LANES_TOP - 3}
                    stroke="var(--heat)"
                    strokeWidth={3}
                  />
                  <g transform="translate(12,2) scale(1.25)">
                    <SpoonShape />
                  </g>
                </svg>
              </div>
            )}
            {props.corner !== undefined && (
              <div className="contents" onPointerDown={(event) => event.stopPropagation()}>
                <div
                  className="absolute top-0 left-0 flex items-center gap-2"
                  style={{ width: namesPx === 0 ? width : namesPx - 12, height: HEAD.cornerPx }}
                >
                  {props.corner}
                </div>
                {props.lanes.map(
                  (lane, i) =>
                    lane.head && (
                      <div
                        key={lane.name}
                        // On a narrow screen it lies over the lines of time, and covers them.
                        className={`absolute left-0 ${namesPx > 0 ? '' : lane.isChosen ? 'bg-paper-deep' : 'bg-paper'}`}
                        style={{
                          top: laneTops[i],
                          width: namesPx === 0 ? width : namesPx - 12,
                          height: namesPx === 0 ? HEAD.abovePx : lanePx,
                        }}
                      >
                        {lane.head}
                      </div>
                    ),
                )}
              </div>
            )}
          </>
        )}
      </div>
    </section>
  );
}

interface RailShape {
  /** Where time begins, px from the left. */
  namesPx: number;
  /** Where the first lane begins, px from the top. */
  lanesTop: number;
  /** Where a bar begins in its lane. */
  barTop: number;
  bar: number;
  /** Without what is drawn below its bar. */
  lanePx: number;
  /** Where each lane begins, px from the top. */
  laneTops: readonly number[];
  height: number;
}

function shapeOf(props: { lanes: readonly Lane[]; corner?: ReactNode; low?: boolean }, width: number): RailShape {
  const count = props.lanes.length;
  const sized = (shape: Omit<RailShape, 'laneTops' | 'height'>): RailShape => {
    const laneTops = props.lanes.map(
      (_, i) =>
        shape.lanesTop + i * shape.lanePx + PLOT_PX * props.lanes.slice(0, i).filter((lane) => lane.plot).length,
    );
    const plots = props.lanes.filter((lane) => lane.plot).length;
    return { ...shape, laneTops, height: shape.lanesTop + count * shape.lanePx + plots * PLOT_PX + 6 };
  };
  if (props.corner !== undefined && width < HEAD.narrowPx)
    return sized({
      namesPx: 0,
      lanesTop: LANES_TOP + HEAD.cornerPx,
      barTop: HEAD.abovePx,
      bar: 22,
      lanePx: HEAD.abovePx + 28,
    });
  if (props.corner !== undefined) {
    const lanePx =
      count > MANY_LISTED || props.lanes.some((lane) => lane.plot) ? LISTED_LANE_PX.many : LISTED_LANE_PX.few;
    return sized({ namesPx: HEAD.besidePx, lanesTop: LANES_TOP, barTop: 5, bar: lanePx - 10, lanePx });
  }
  const lanes = props.low ? lowLanes(count) : lanesOf(count);
  return sized({ namesPx: NAMES_PX, lanesTop: LANES_TOP, barTop: 2, ...lanes });
}

function lanesOf(count: number) {
  const bar = count > FEW_LANES ? BAR_PX.many : BAR_PX.few;
  return { bar, lanePx: bar + (count > FEW_LANES ? 5 : 10) };
}

function lowLanes(count: number) {
  const lanePx = Math.max(LOWEST_LANE_PX, Math.min(BAR_PX.many + 3, Math.floor((LOW_PX - LANES_TOP - 6) / count)));
  return { bar: lanePx - 3, lanePx };
}

const railScale = (from: number, to: number, width: number, namesPx: number) =>
  timeAxis(from, to, namesPx, Math.max(namesPx + 1, width - 12));

interface Strip {
  from: number;
  to: number;
  lanes: readonly Lane[];
  marks: readonly RailMark[];
  band: { from: number; to: number } | null;
  width: number;
  shape: RailShape;
}

/** Heads of lanes lie over the strip and may change without it. */
function isSameStrip(a: Strip, b: Strip): boolean {
  const flat = ({ shape }: Strip) =>
    `${shape.namesPx} ${shape.lanesTop} ${shape.bar} ${shape.height} ${shape.laneTops}`;
  return (
    a.from === b.from &&
    a.to === b.to &&
    a.width === b.width &&
    a.marks === b.marks &&
    a.band === b.band &&
    flat(a) === flat(b) &&
    a.lanes.length === b.lanes.length &&
    a.lanes.every((lane, i) => {
      const other = b.lanes[i];
      return (
        lane.spans === other?.spans &&
        lane.name === other.name &&
        lane.isChosen === other.isChosen &&
        Boolean(lane.head) === Boolean(other.head) &&
        Boolean(lane.plot) === Boolean(other.plot)
      );
    })
  );
}

/** All of the strip but the spoon: drawn again only when the evening changes. */
const RailStrip = memo(function RailStrip(props: Strip) {
  const { from, to, lanes, marks, band, width } = props;
  const { namesPx, lanesTop, barTop, bar, lanePx, laneTops, height } = props.shape;
  const ids = useId();
  const x = railScale(from, to, width, namesPx);
  return (
    <svg aria-hidden="true" width={width} height={height} className="absolute inset-0">
      {lanes.map(
        (lane, i) =>
          lane.isChosen && (
            <rect
              key={lane.name}
              y={laneTops[i]}
              width={width}
              height={lanePx + (lane.plot ? PLOT_PX : 0)}
              fill="var(--paper-deep)"
              stroke="var(--hairline)"
            />
          ),
      )}
      {x
        .ticks(Math.max(2, Math.floor((width - namesPx) / 120)))
        .filter((tick) => x(tick) < width - 24)
        .map((tick) => (
          <g key={tick} transform={`translate(${x(tick)},0)`}>
            <line y1={lanesTop - 4} y2={height - 4} stroke="var(--hairline)" />
            <text
              y={lanesTop - 8}
              textAnchor={x(tick) < namesPx + 20 ? 'start' : 'middle'}
              className="figures fill-ink-soft text-[0.85rem]"
            >
              {sayClock(tick)}
            </text>
          </g>
        ))}
      {lanes.map((lane, i) => (
        <g key={lane.name} transform={`translate(0,${laneTops[i]})`}>
          {!lane.head && (
            <text
              x={0}
              y={2 + bar / 2 + 4.5}
              className={`fill-ink font-display ${lanePx < BAR_PX.many ? 'text-[0.8rem]' : 'text-[0.95rem]'}`}
            >
              {shortName(lane.name)}
            </text>
          )}
          <g transform={`translate(0,${barTop - 2})`}>
            <LaneBar lane={lane} x={x} id={`${ids}-${i}`} bar={bar} />
          </g>
        </g>
      ))}
      {band && (
        <rect
          x={x(band.from)}
          width={Math.max(2, x(band.to) - x(band.from))}
          y={lanesTop}
          height={height - lanesTop - 4}
          fill="none"
          stroke="var(--heat-text)"
          strokeWidth={1.6}
          strokeDasharray="5 4"
        />
      )}
      {marks.map((mark) => (
        <g key={`${mark.label}${mark.at}`} transform={`translate(${x(mark.at)},0)`}>
          <line y1={lanesTop - 30} y2={height - 4} stroke="var(--ink)" strokeWidth={1.5} strokeDasharray="2 3" />
          <text y={lanesTop - 34} textAnchor="middle" className="fill-ink text-[0.85rem] font-medium">
            {mark.label}
          </text>
        </g>
      ))}
    </svg>
  );
}, isSameStrip);

/** A name that fits beside its bar, with a capital. */
function shortName(name: string): string {
  const short = name.length <= LONGEST_NAME ? name : (name.split(/[ ,]/).at(-1) ?? name).slice(0, LONGEST_NAME);
  return `${short[0]?.toUpperCase() ?? ''}${short.slice(1)}`;
}
