import type { SectionFilm, SectionPlane } from '../api/types';

/** A cut through a piece with its temperatures unpacked: °C, frame by frame, row by row from the tray, column by column. */
export interface OpenPlane extends Omit<SectionPlane, 'deciC'> {
  celsius: Float32Array;
}

export interface OpenFilm extends Omit<SectionFilm, 'along' | 'across'> {
  along: OpenPlane;
  across: OpenPlane;
}

export const openFilm = (film: SectionFilm): OpenFilm => ({
  ...film,
  along: openPlane(film.along),
  across: openPlane(film.across),
});

function openPlane({ deciC, ...plane }: SectionPlane): OpenPlane {
  const bytes = Uint8Array.from(atob(deciC), (letter) => letter.charCodeAt(0));
  const view = new DataView(bytes.buffer);
  const celsius = new Float32Array(bytes.length / 2);
  for (let i = 0; i < celsius.length; i++) celsius[i] = view.getInt16(2 * i, true) / 10;
  return { ...plane, celsius };
}

/** Which two frames stand around a minute, and how far between them it is; held at the ends. */
export function framesAround(frames: readonly { minutes: number }[], minutes: number) {
  const after = frames.findIndex((frame) => frame.minutes >= minutes);
  const b = after === -1 ? frames.length - 1 : after;
  const a = Math.max(0, minutes <= (frames[b]?.minutes ?? 0) && b > 0 ? b - 1 : b);
  const from = frames[a]?.minutes ?? 0;
  const to = frames[b]?.minutes ?? 0;
  const share = to > from ? Math.min(1, Math.max(0, (minutes - from) / (to - from))) : 0;
  return { a, b, share };
}

/** One plane's temperatures at a minute, straight between two frames. */
export function planeAt(plane: OpenPlane, frames: OpenFilm['frames'], minutes: number): number[] {
  const { a, b, share } = framesAround(frames, minutes);
  const size = plane.columns * plane.rows;
  const values = new Array<number>(size);
  for (let i = 0; i < size; i++) {
    const from = plane.celsius[a * size + i] ?? 0;
    const to = plane.celsius[b * size + i] ?? 0;
    values[i] = from + share * (to - from);
  }
  return values;
}

/** Coldest, surface and where the coldest is, at a minute. The place moves with its frame, not between places. */
export function frameAt(frames: OpenFilm['frames'], minutes: number) {
  const { a, b, share } = framesAround(frames, minutes);
  const [from, to] = [frames[a], frames[b]];
  if (!from || !to) throw new Error('A film needs frames.');
  const mix = (x: number, y: number) => x + share * (y - x);
  return {
    coldestC: mix(from.coldestC, to.coldestC),
    surfaceC: mix(from.surfaceC, to.surfaceC),
    coldest: share < 0.5 ? from.coldest : to.coldest,
  };
}
