import { useEffect } from 'react';

/** What the keys do anywhere on the tray but in a field. */
export interface TrayKeys {
  addChicken: () => void;
  addVegetable: () => void;
  nextLot: () => void;
  count: (by: number) => void;
  spoon: (minutes: number) => void;
  undo: () => void;
  redo: () => void;
}

export function useTrayKeys(keys: TrayKeys) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const at = event.target as HTMLElement;
      const isTyping = at.matches('input, select, textarea, [role="option"], [role="radio"]');
      const key = event.key.toLowerCase();
      const act =
        event.ctrlKey || event.metaKey
          ? !isTyping && { z: event.shiftKey ? keys.redo : keys.undo, y: keys.redo }[key]
          : !isTyping &&
            !event.altKey &&
            {
              c: keys.addChicken,
              v: keys.addVegetable,
              n: keys.nextLot,
              '+': () => keys.count(1),
              '=': () => keys.count(1),
              '-': () => keys.count(-1),
              ',': () => keys.spoon(-1),
              '.': () => keys.spoon(1),
            }[key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [keys]);
}
