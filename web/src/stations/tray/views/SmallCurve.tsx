import { line } from 'd3-shape';
import type { CurvePoint } from '../../../api/types';

const WIDTH = 150;
const HEIGHT = 56;
const TOP_C = 100;

/** The middle over time, small: several beside each other share one scale. */
export function SmallCurve({ curve, minutes }: { curve: readonly CurvePoint[]; minutes: number }) {
  const x = (minute: number) => (WIDTH * minute) / minutes;
  const y = (celsius: number) => HEIGHT - 2 - ((HEIGHT - 4) * Math.min(TOP_C, Math.max(0, celsius))) / TOP_C;
  const middle = line<CurvePoint>(
    (point) => x(point.minutes),
    (point) => y(point.coldestC),
  );
  return (
    <svg aria-hidden="true" width={WIDTH} height={HEIGHT} className="max-w-full">
      <line x2={WIDTH} y1={HEIGHT - 1} y2={HEIGHT - 1} stroke="var(--hairline)" />
      <line x2={WIDTH} y1={y(74)} y2={y(74)} stroke="var(--good)" strokeDasharray="2 4" />
      <path d={middle([...curve]) ?? ''} fill="none" stroke="var(--ink)" strokeWidth={2.5} />
    </svg>
  );
}
