import type { CurvePoint } from '../api/types';

/** The point of a curve at a minute: what the server computed, drawn as a straight line between its points. */
export function curveAt(curve: readonly CurvePoint[], minutes: number): CurvePoint {
  const first = curve[0];
  const last = curve[curve.length - 1];
  if (!first || !last) throw new Error('A curve needs points.');
  if (minutes <= first.minutes) return first;
  if (minutes >= last.minutes) return last;
  const after = curve.findIndex((point) => point.minutes >= minutes);
  const [a, b] = [curve[after - 1] ?? first, curve[after] ?? last];
  const share = (minutes - a.minutes) / (b.minutes - a.minutes);
  const mix = (from: number, to: number) => from + share * (to - from);
  return {
    minutes,
    coldestLowC: mix(a.coldestLowC, b.coldestLowC),
    coldestC: mix(a.coldestC, b.coldestC),
    coldestHighC: mix(a.coldestHighC, b.coldestHighC),
    surfaceC: mix(a.surfaceC, b.surfaceC),
    browning: mix(a.browning ?? 0, b.browning ?? 0),
    browningUnder: mix(a.browningUnder ?? 0, b.browningUnder ?? 0),
    cookMinutes: mix(a.cookMinutes ?? 0, b.cookMinutes ?? 0),
    scale: mix(a.scale ?? 1, b.scale ?? 1),
  };
}
