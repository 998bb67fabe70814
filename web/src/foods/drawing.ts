/**
 * How a piece of food is drawn from above: paths in its own box, x from -1 (thick end) to 1 and y from -1 to 1, which are
 * stretched to the size of the piece. Lines keep their width whatever the size.
 */
export interface FoodDrawing {
  /** Its silhouette. */
  body: string;
  /** Behind the body: what sticks out of it, such as a bone or a skewer. */
  behind?: readonly Part[];
  /** On the body: seams, rings, seeds. */
  lines?: readonly string[];
  /** On the body: rind, rim, filling. */
  parts?: readonly Part[];
}

export interface Part {
  kind: 'bone' | 'skewer' | 'rind' | 'stem' | 'filling';
  d: string;
}

/** A path of pairs of numbers, stretched to half a length and half a width, mm. Only M, L, C, Q and Z, all absolute. */
export const stretched = (d: string, halfLengthMm: number, halfWidthMm: number): string =>
  d.replace(
    /(-?[\d.]+)[ ,]+(-?[\d.]+)/g,
    (_, x: string, y: string) => `${round(Number(x) * halfLengthMm)} ${round(Number(y) * halfWidthMm)}`,
  );

const round = (mm: number) => Math.round(mm * 100) / 100;

/** A round thing in the box: centre and half axes. */
export const oval = (x: number, y: number, rx: number, ry: number): string => {
  const [cx, cy] = [rx * 0.5523, ry * 0.5523];
  const at = (dx: number, dy: number) => `${round(x + dx)} ${round(y + dy)}`;
  return (
    `M${at(-rx, 0)} C${at(-rx, -cy)} ${at(-cx, -ry)} ${at(0, -ry)} C${at(cx, -ry)} ${at(rx, -cy)} ${at(rx, 0)} ` +
    `C${at(rx, cy)} ${at(cx, ry)} ${at(0, ry)} C${at(-cx, ry)} ${at(-rx, cy)} ${at(-rx, 0)}Z`
  );
};

/** Half the size of a silhouette that is given as places round its middle, mm. */
export function halfSize(outline: readonly number[]): { halfLengthMm: number; halfWidthMm: number } {
  let halfLengthMm = 1;
  let halfWidthMm = 1;
  for (let i = 0; i + 1 < outline.length; i += 2) {
    halfLengthMm = Math.max(halfLengthMm, Math.abs(outline[i] ?? 0));
    halfWidthMm = Math.max(halfWidthMm, Math.abs(outline[i + 1] ?? 0));
  }
  return { halfLengthMm, halfWidthMm };
}
