import { useId } from 'react';
import type { Cut, TemperatureUnit } from '../api/types';
import { heatColour } from '../curve/ramp';
import { sayTemperature } from '../words/temperatures';
import { silhouettes } from './silhouettes';

const PX_PER_MM = 2.1;
const TALLEST_PX = 130;
const WIDEST_PX = 250;

/** The thickest piece from the side, to scale: how tall it is, and how warm its middle and outside are. */
export function PieceSide(props: {
  cut: Cut;
  lengthMm: number;
  heightMm: number;
  heightText: string;
  middleC: number;
  outsideC: number;
  unit: TemperatureUnit;
}) {
  const id = useId();
  const scale = Math.min(PX_PER_MM, TALLEST_PX / props.heightMm, WIDEST_PX / props.lengthMm);
  const [width, height] = [props.lengthMm * scale, props.heightMm * scale];
  const base = TALLEST_PX + 8;
  const [light, dark] = [Math.max(props.middleC, 0), Math.max(props.outsideC, 0)];
  return (
    <svg
      role="img"
      viewBox={`0 0 ${WIDEST_PX + 110} ${base + 10}`}
      className="w-full"
      aria-label={`The thickest piece from the side, ${props.heightText} tall. Middle ${sayTemperature(props.middleC, props.unit)}, outside ${sayTemperature(props.outsideC, props.unit)}.`}
    >
      <radialGradient id={`${id}-heat`} cx="0.45" cy="0.55" r="0.62">
        <stop offset="0" stopColor={heatColour(light)} />
        <stop offset="0.45" stopColor={heatColour(light + (dark - light) * 0.22)} />
        <stop offset="1" stopColor={heatColour(dark)} />
      </radialGradient>
      <line x1={0} x2={WIDEST_PX + 110} y1={base} y2={base} stroke="var(--ink)" strokeWidth={3} />
      <g transform={`translate(6,${base - height}) scale(${width / 200},${height / 100})`}>
        <path
          d={silhouettes[props.cut]}
          fill={`url(#${id}-heat)`}
          stroke="var(--ink)"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      </g>
      <g stroke="var(--ink-soft)" strokeWidth={1.5}>
        <line x1={width + 22} x2={width + 22} y1={base - height} y2={base - 2} />
        <line x1={width + 16} x2={width + 28} y1={base - height} y2={base - height} />
      </g>
      <text x={width + 32} y={base - height / 2 + 6} className="figures fill-ink font-medium text-[1.05rem]">
        {props.heightText}
      </text>
    </svg>
  );
}
