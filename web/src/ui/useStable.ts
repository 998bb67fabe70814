import { useCallback, useLayoutEffect, useRef } from 'react';

/** The same function for as long as the component lives, which does what it was last given: for parts that are drawn again only when they must be. */
export function useStable<A extends unknown[], R>(act: (...args: A) => R): (...args: A) => R {
  const latest = useRef(act);
  useLayoutEffect(() => {
    latest.current = act;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
