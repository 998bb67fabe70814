import { type RefObject, useEffect, useRef } from 'react';

/**
 * Keeps the keyboard in its place: where the control that had the focus has gone or is greyed with what was done, the focus goes to the first
 * that is there of those marked with data-next, in the same form where it has one, and not to the top of the page.
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
      const left = last.current;
      const isGone = left && (!left.isConnected || left.matches(':disabled'));
      // A browser takes the focus from what is greyed only when it draws next.
      if (!isGone || (document.activeElement !== document.body && document.activeElement !== left)) return;
      last.current = null;
      const next = '[data-next]:not([disabled])';
      const near = left.closest('form')?.querySelector<HTMLElement>(next);
      (near?.isConnected ? near : inside.querySelector<HTMLElement>(next))?.focus({ preventScroll: true });
    });
    inside.addEventListener('focusin', remember);
    moved.observe(inside, { childList: true, subtree: true, attributeFilter: ['disabled'] });
    return () => {
      inside.removeEventListener('focusin', remember);
      moved.disconnect();
    };
  }, [room]);
}
