import { contours } from 'd3-contour';
import { useId } from 'react';
import type { PlanePoint, ProbePath, TemperatureUnit } from '../api/types';
import { heatColour } from '../curve/ramp';
import { inUnit, sayDegrees } from '../words/temperatures';
import type { OpenFilm, OpenPlane } from './film';

/** Filled bands are this wide, °C: narrow enough to look even. */
const BAND_C = 5;

/** Hotter crust is all one colour, °C. */
const HOTTEST_C = 125;

/** Lines in the crust would lie too close to tell apart, °C. */
const CRUST_C = 95;

/** Room that the coldest spot and its number take. */
const COLDEST_LABEL_PX = 66;

export interface Marks {
  coldest?: { at: PlanePoint; celsius: number };
  probe?: ProbePath;
  targetC?: number;
}

/** One cut through a piece: temperatures as colour and lines, bones, and what is marked on it. */
export function SectionPicture(props: {
  plane: OpenPlane;
  inside: OpenFilm['inside'];
  celsius: readonly number[];
  pxPerMm: number;
  unit: TemperatureUnit;
  marks?: Marks;
  lines?: boolean;
}) {
  const { plane, pxPerMm, unit, marks = {} } = props;
  const id = useId();
  const [width, height] = [plane.widthMm * pxPerMm, plane.heightMm * pxPerMm];
  const x = (mm: number) => (mm - plane.leftMm) * pxPerMm;
  const y = (mm: number) => height - mm * pxPerMm;
  const pathOf = (points: readonly PlanePoint[]) => `M${points.map((p) => `${x(p.xMm)},${y(p.zMm)}`).join('L')}Z`;

  const grid = contours().size([plane.columns, plane.rows]);
  const ringPath = (threshold: number) =>
    grid
      .contour(props.celsius as number[], threshold)
      .coordinates.flat()
      .map(
        (ring) =>
          `M${ring.map(([a = 0, b = 0]) => `${((a / plane.columns) * width).toFixed(1)},${(height - (b / plane.rows) * height).toFixed(1)}`).join('L')}Z`,
      )
      .join('');

  const coldestC = Math.min(...props.celsius);
  const hottestC = Math.min(HOTTEST_C, Math.max(...props.celsius));
  const bands: number[] = [];
  for (let c = Math.ceil(coldestC / BAND_C) * BAND_C; c < hottestC; c += BAND_C) bands.push(c);
  const isotherms = props.lines ? isothermsBetween(coldestC, Math.min(hottestC, CRUST_C), unit) : [];
  const outline = pathOf(plane.outline);

  return (
    <g>
      <clipPath id={`${id}-piece`}>
        <path d={outline} />
      </clipPath>
      <g clipPath={`url(#${id}-piece)`}>
        <rect width={width} height={height} fill={heatColour(coldestC)} />
        {bands.map((c) => (
          <path key={c} d={ringPath(c)} fill={heatColour(c + BAND_C / 2)} />
        ))}
        {isotherms.map((c) => (
          <path key={c} d={ringPath(c)} fill="none" stroke="#1d1204" strokeOpacity={0.55} strokeWidth={1} />
        ))}
        {marks.targetC !== undefined && marks.targetC > coldestC && marks.targetC < hottestC && (
          <path d={ringPath(marks.targetC)} fill="none" stroke="#0e4b39" strokeWidth={2.5} strokeDasharray="2 4" />
        )}
        {plane.inner.map((bone) => (
          <path
            key={`${bone[0]?.xMm}`}
            d={pathOf(bone)}
            fill="#fbf7ee"
            fillOpacity={props.inside === 'bone' ? 0.72 : 0}
            stroke="#1d1204"
            strokeWidth={1.5}
            strokeDasharray={props.inside === 'bone' ? undefined : '7 5'}
          />
        ))}
      </g>
      <path d={outline} fill="none" stroke="var(--ink)" strokeWidth={2} />
      {marks.probe && <Probe path={marks.probe} x={x} y={y} pxPerMm={pxPerMm} />}
      {marks.coldest && (
        <g transform={`translate(${x(marks.coldest.at.xMm)},${y(marks.coldest.at.zMm)})`}>
          <circle r={7} fill="#fff" stroke="#1d1204" strokeWidth={2.5} />
          <circle r={2} fill="#1d1204" />
          <Halo x={13} y={6} text={sayDegrees(marks.coldest.celsius, unit)} big />
        </g>
      )}
      {isotherms.map((c) => (
        <IsothermLabel
          key={c}
          {...props}
          threshold={c}
          width={width}
          height={height}
          clearOf={marks.coldest ? x(marks.coldest.at.xMm) + COLDEST_LABEL_PX : 0}
        />
      ))}
    </g>
  );
}

/** A label where an isotherm crosses the line half-way up, towards the thin end; none where it would stand in a crowd. */
function IsothermLabel(props: {
  plane: OpenPlane;
  celsius: readonly number[];
  threshold: number;
  width: number;
  height: number;
  clearOf: number;
  unit: TemperatureUnit;
}) {
  const { columns, rows } = props.plane;
  const row = Math.floor(rows * 0.5);
  const at = (column: number) => props.celsius[row * columns + column] ?? 0;
  for (let column = Math.floor(columns / 2); column < columns - 2; column++) {
    if (at(column) < props.threshold && at(column + 1) >= props.threshold) {
      const steep = at(column + 1) - at(column);
      if (steep > 4.5) return null;
      const place = ((column + 1) / columns) * props.width;
      if (place > props.width - 30 || place - 14 < props.clearOf) return null;
      return (
        <Halo
          x={place - 12}
          y={props.height - ((row + 0.5) / rows) * props.height + 5}
          text={sayDegrees(props.threshold, props.unit)}
        />
      );
    }
  }
  return null;
}

function Probe(props: { path: ProbePath; x: (mm: number) => number; y: (mm: number) => number; pxPerMm: number }) {
  const { entry, tip, depthMm } = props.path;
  const [ux, uz] = [(entry.xMm - tip.xMm) / depthMm, (entry.zMm - tip.zMm) / depthMm];
  const end = { xMm: entry.xMm + ux * 12, zMm: entry.zMm + uz * 12 };
  return (
    <g strokeLinecap="round">
      <line
        x1={props.x(end.xMm)}
        y1={props.y(end.zMm)}
        x2={props.x(tip.xMm)}
        y2={props.y(tip.zMm)}
        stroke="#fff"
        strokeWidth={7}
      />
      <line
        x1={props.x(end.xMm)}
        y1={props.y(end.zMm)}
        x2={props.x(tip.xMm)}
        y2={props.y(tip.zMm)}
        stroke="#1d1204"
        strokeWidth={3.5}
      />
      <circle cx={props.x(end.xMm)} cy={props.y(end.zMm)} r={7} fill="#1d1204" stroke="#fff" strokeWidth={2} />
    </g>
  );
}

/** Text that can be read on any colour. */
function Halo(props: { x: number; y: number; text: string; big?: boolean }) {
  return (
    <text
      x={props.x}
      y={props.y}
      className={`figures font-semibold ${props.big ? 'text-[1.25rem]' : 'text-[0.85rem]'}`}
      fill="#1d1204"
      stroke="#fff"
      strokeWidth={4}
      paintOrder="stroke"
      strokeLinejoin="round"
    >
      {props.text}
    </text>
  );
}

/** Every 20 °C, or every 40 °F. */
function isothermsBetween(lowC: number, highC: number, unit: TemperatureUnit): number[] {
  const step = unit === 'celsius' ? 20 : 40;
  const toCelsius = (value: number) => (unit === 'celsius' ? value : (value - 32) / 1.8);
  const lines: number[] = [];
  for (let value = Math.ceil((inUnit(lowC, unit) + 1) / step) * step; toCelsius(value) < highC; value += step)
    lines.push(toCelsius(value));
  return lines;
}
