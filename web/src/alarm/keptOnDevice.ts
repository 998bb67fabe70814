import { useSyncExternalStore } from 'react';
import { keeper, readKept } from '../drafts/keptText';

/** Something this device keeps, seen alike by all of the page: its silence, its timers. */
export function keptOnDevice<T>(key: string, initial: T) {
  let value = readKept<T>(key) ?? initial;
  const listeners = new Set<() => void>();
  const get = () => value;
  return {
    get,
    set(next: T) {
      value = next;
      keeper.setItem(key, JSON.stringify(next));
      for (const tell of listeners) tell();
    },
    use: () =>
      useSyncExternalStore((changed) => {
        listeners.add(changed);
        return () => listeners.delete(changed);
      }, get),
  };
}
