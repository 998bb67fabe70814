import { type RefObject, useEffect, useRef } from 'react';

/**
 * Keeps the keyboard in its place: where the control that had the focus has gone or is greyed with what was done, the focus goes to the first
 * that is there of those marked with data-next, and not to the top of the page.
 */
export function useFocusKept(room: RefObject<HTMLElement | null>) {
  const last = useRef<Element | null>(null);
  useEffect(() => {
    const inside = room.current;
    if (!inside) return;
    const remember = (event: FocusEvent) => {
      last.current = event.target as Element;
    };
    const moved = new MutationObserver(() => {
      const isGone = last.current && (!last.current.isConnected || last.current.matches(':disabled'));
      if (!isGone || document.activeElement !== document.body) return;
      last.current = null;
      inside.querySelector<HTMLElement>('[data-next]:not([disabled])')?.focus({ preventScroll: true });
    });
    inside.addEventListener('focusin', remember);
    moved.observe(inside, { childList: true, subtree: true, attributeFilter: ['disabled'] });
    return () => {
      inside.removeEventListener('focusin', remember);
      moved.disconnect();
    };
  }, [room]);
}
