import { type RefObject, useEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';

/** An element's size in pixels as it changes; 0 by 0 before it is on the page. Use {@link useWidth} where height follows width. */
export function useSize<T extends HTMLElement>(): [RefObject<T | null>, { width: number; height: number }] {
  const ref = useRef<T>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    if (!ref.current) return;
    const watch = new ResizeObserver(([entry]) => {
      if (!entry) return;
      // In the frame that made the box smaller: a picture drawn for the larger one would lie over what is below, for a moment.
      flushSync(() => setSize({ width: entry.contentRect.width, height: entry.contentRect.height }));
    });
    watch.observe(ref.current);
    return () => watch.disconnect();
  }, []);
  return [ref, size];
}
