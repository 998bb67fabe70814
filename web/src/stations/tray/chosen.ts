/** What the panel beside the picture is about: a lot by its number, the oven, hands, a bird to be cut up; null for the tray as a whole. */
export type Chosen = number | 'oven' | 'hands' | 'bird' | null;

/** The row of the rail that opens a panel, by its id on the page. */
export const laneId = (of: Chosen) => `lane-${of}`;

/** Which panel holds a field of the plan, by the server's name for it; undefined for one that is always in view. */
export function panelOf(
  field: string,
  draft: { chicken: readonly { id: number }[]; vegetables: readonly { id: number }[] },
): Chosen | undefined {
  const at = /^(chicken|vegetables)\[(\d+)\]/.exec(field);
  if (at) return draft[at[1] as 'chicken' | 'vegetables'][Number(at[2])]?.id;
  if (/^steps/.test(field) || field === 'stayUntilMinutes') return 'hands';
  if (/^(oven|vessels|profile|restMinutes)/.test(field)) return 'oven';
  return undefined;
}
