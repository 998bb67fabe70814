import type { LengthUnit, TemperatureUnit } from '../api/types';
import { sayTemperature } from '../words/temperatures';
import { frameAt, type OpenFilm } from './film';

/** "32 mm" or "1.3 in" */
export const sayLength = (mm: number, unit: LengthUnit) =>
  unit === 'inch' ? `${(mm / 25.4).toFixed(1)} in` : `${Math.round(mm)} mm`;

export interface SectionUnits {
  temperature: TemperatureUnit;
  length: LengthUnit;
}

/** What the picture shows at a minute, in a sentence. */
export function sayInside(film: OpenFilm, minutes: number, units: SectionUnits): string {
  const { coldestC, surfaceC, coldest } = frameAt(film.frames, minutes);
  const fromEnd = sayLength(coldest.xMm - film.along.leftMm, units.length);
  return `Coldest ${sayTemperature(coldestC, units.temperature)}, ${fromEnd} from the thick end, ${sayLength(coldest.zMm, units.length)} above the tray. Outside ${sayTemperature(surfaceC, units.temperature)}.`;
}

/** Where the probe goes, in a sentence. */
export function sayProbe(film: OpenFilm, units: SectionUnits): string {
  const { entry, tip, depthMm } = film.probe;
  const [along, down] = [tip.xMm - entry.xMm, entry.zMm - tip.zMm];
  const steep = Math.abs(down) / Math.max(1, Math.abs(along));
  const way =
    steep < 1
      ? `Probe: ${along > 0 ? 'thick' : 'thin'} end${steep < 0.15 ? '' : ', slanting down'}`
      : `Probe: from above${steep > 4 ? '' : ', slanting'}`;
  const bone = film.inside === 'bone' ? ', off the bone' : film.inside === 'filling' ? ', in the filling' : '';
  return `${way}, ${sayLength(depthMm, units.length)} deep; tip ${sayLength(tip.zMm, units.length)} above the tray${bone}.`;
}
