const MINUTE_MS = 60_000;

/** Steps that a kitchen clock is read in, min. */
const STEPS_MIN = [1, 2, 5, 10, 15, 30, 60, 120, 180, 360, 720, 1440];

/** Where a moment stands on a strip of time, and which moment a place is. */
export interface TimeAxis {
  /** px of a moment, ms; also of one before or after the strip. */
  (at: number): number;
  /** The moment at a place, ms. */
  at: (px: number) => number;
  startPx: number;
  endPx: number;
  /** Round moments of the local clock, at most so many. */
  ticks: (most: number) => number[];
}

/** A strip from one moment to another, ms, between two places, px. */
export function timeAxis(from: number, to: number, startPx: number, endPx: number): TimeAxis {
  const perMs = (endPx - startPx) / Math.max(1, to - from);
  const place = (at: number) => startPx + (at - from) * perMs;
  return Object.assign(place, {
    at: (px: number) => from + (px - startPx) / perMs,
    startPx,
    endPx,
    ticks: (most: number) => ticks(from, to, most),
  });
}

function ticks(from: number, to: number, most: number): number[] {
  const minutes = (to - from) / MINUTE_MS;
  const last = STEPS_MIN.at(-1) ?? 1;
  const step = MINUTE_MS * (STEPS_MIN.find((one) => minutes / one <= most) ?? last * Math.ceil(minutes / last / most));
  // Whole hours are whole where the clock is read, also half an hour off the others.
  const offset = new Date(from).getTimezoneOffset() * MINUTE_MS;
  const first = Math.ceil((from - offset) / step) * step + offset;
  const count = Math.max(0, Math.floor((to - first) / step) + 1);
  return Array.from({ length: count }, (_, i) => first + i * step);
}
