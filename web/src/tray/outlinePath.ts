import { curveCatmullRomClosed, line } from 'd3-shape';
import type { LotOutline } from '../api/types';

const round = line<[number, number]>().curve(curveCatmullRomClosed.alpha(0.5));

/** A silhouette as a smooth path round its middle, mm. */
export function outlinePath({ outline }: LotOutline): string {
  const places: [number, number][] = [];
  for (let i = 0; i + 1 < outline.length; i += 2) {
    const place: [number, number] = [outline[i] ?? 0, outline[i + 1] ?? 0];
    const last = places[places.length - 1];
    // Both sides meet at the ends: the same place twice would make a kink.
    if (!last || Math.hypot(place[0] - last[0], place[1] - last[1]) > 0.5) places.push(place);
  }
  return round(places) ?? '';
}
