import type { TrayDraft } from './trayDraft';

/** A part of the tray that two screens changed to different things. */
export interface Clash {
  /** Where it is, such as "oven" or "chicken 1 mass". */
  path: readonly (string | number)[];
  mine: unknown;
  theirs: unknown;
}

/**
 * Two sets of changes to one tray, put together. Where only one side changed something, that is taken; where both did, what was
 * typed here stands, and it is said.
 *
 * @param base What both began from.
 * @param mine What was typed here.
 * @param theirs What another screen saved meanwhile.
 */
export function mergeDrafts(base: TrayDraft, mine: TrayDraft, theirs: TrayDraft) {
  const clashes: Clash[] = [];
  const merged = mergeValue(base, mine, theirs, [], clashes) as TrayDraft;
  // Places follow from the rest: the server lays what is new.
  return { merged, clashes: clashes.filter((clash) => clash.path[0] !== 'spots') };
}

/** The same, with what the other screen saved where both changed something. */
export function mergeTheirs(base: TrayDraft, mine: TrayDraft, theirs: TrayDraft): TrayDraft {
  return mergeDrafts(base, theirs, mine).merged;
}

function mergeValue(base: unknown, mine: unknown, theirs: unknown, path: Clash['path'], clashes: Clash[]): unknown {
  if (same(mine, theirs) || same(base, theirs)) return mine;
  if (same(base, mine)) return theirs;
  if (hasIds(base) && hasIds(mine) && hasIds(theirs)) return mergeLots(base, mine, theirs, path, clashes);
  if (isParts(base) && isParts(mine) && isParts(theirs)) {
    const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
    return Object.fromEntries(
      [...keys].map((key) => [key, mergeValue(base[key], mine[key], theirs[key], [...path, key], clashes)]),
    );
  }
  clashes.push({ path, mine, theirs });
  return mine;
}

type Lot = { id: number };

/** Chicken and vegetables count together; a number from here on is free in both. */
const NEW_FROM = 1000;

/** Lots are told apart by their ids: one side may add, the other change, and both take off. */
function mergeLots(base: Lot[], mine: Lot[], theirs: Lot[], path: Clash['path'], clashes: Clash[]): Lot[] {
  const find = (lots: Lot[], id: number) => lots.find((lot) => lot.id === id);
  let last = Math.max(NEW_FROM, ...[...base, ...mine, ...theirs].map((lot) => lot.id));
  const ids = [...new Set([...mine, ...theirs].map((lot) => lot.id))];
  return ids.flatMap((id) => {
    const [before, here, there] = [find(base, id), find(mine, id), find(theirs, id)];
    if (!here || !there) {
      const left = here ?? there;
      // Taken off by one side: it stays off unless the other changed it meanwhile.
      if (before && (same(before, left) || !left)) return [];
      if (before && left) clashes.push({ path: [...path, id], mine: here ?? null, theirs: there ?? null });
      return before && !here ? [] : left ? [left] : [];
    }
    // Both added a food, and both counted on by one: it is two foods.
    if (!before) return same(here, there) ? [here] : [{ ...here, id: ++last }, there];
    return [mergeValue(before, here, there, [...path, id], clashes) as Lot];
  });
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

const isParts = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const hasIds = (value: unknown): value is Lot[] =>
  Array.isArray(value) && value.every((one) => isParts(one) && typeof one.id === 'number');
