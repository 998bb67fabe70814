import { useCallback, useState } from 'react';

const PREFIX = 'amber.draft.';

/** Where what was typed is kept until the server has it; the browser's own store, or none where that is forbidden. */
export type Keeper = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

export const keeper: Keeper = {
  getItem: (key) => attempt(() => localStorage.getItem(PREFIX + key)) ?? null,
  setItem: (key, value) => void attempt(() => localStorage.setItem(PREFIX + key, value)),
  removeItem: (key) => void attempt(() => localStorage.removeItem(PREFIX + key)),
};

/** A browser may refuse to keep anything, or be full: then it lives as long as the page. */
function attempt<T>(act: () => T): T | undefined {
  try {
    return act();
  } catch {
    return undefined;
  }
}

export function readKept<T>(key: string, from: Keeper = keeper): T | null {
  const text = from.getItem(key);
  if (text === null) return null;
  return attempt(() => JSON.parse(text) as T) ?? null;
}

/**
 * What is being typed under a name: it lives across stations, reloads and a dead server, until it is forgotten because the
 * server has it or the cook left it.
 */
export function useKept<T>(key: string, initial: () => T): [T, (next: T) => void, () => void] {
  const [value, setValue] = useState<T>(() => readKept<T>(key) ?? initial());
  const keep = useCallback(
    (next: T) => {
      setValue(next);
      keeper.setItem(key, JSON.stringify(next));
    },
    [key],
  );
  const forget = useCallback(() => keeper.removeItem(key), [key]);
  return [value, keep, forget];
}
