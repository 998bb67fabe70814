import { useEffect, useRef, useState } from 'react';
import type { EveningView } from '../../api/types';
import { useMoveDinner } from '../../kitchen/evening';
import { MINUTE_MS, sayClock, toLocalIso } from '../../words/times';

/** Dinner is dragged in steps of this, min. */
const STEP_MIN = 5;

/** A hand that rests for this long has let go, ms. */
const LET_GO_MS = 500;

/** Dinner while it is dragged: everything is shown moved at once, and worked out anew when the hand has come to rest. */
export function useDinner(view: EveningView | undefined) {
  const move = useMoveDinner();
  const [wanted, setWanted] = useState<number | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const stored = view?.eatAt ? Date.parse(view.eatAt) : 0;
  useEffect(() => () => clearTimeout(timer.current), []);
  const set = (at: number | null) =>
    move.mutate({ eatAt: at === null ? null : toLocalIso(new Date(at)) }, { onSettled: () => setWanted(null) });
  return {
    /** Where the spoon stands, ms. */
    eatAt: wanted ?? stored,
    shiftMs: wanted === null ? 0 : wanted - stored,
    error: move.error,
    isMoving: wanted !== null || move.isPending,
    say: sayClock,
    /** @param at Where the hand is, ms. */
    drag: (at: number) => {
      const step = STEP_MIN * MINUTE_MS;
      const to = Math.round(at / step) * step;
      setWanted(to);
      clearTimeout(timer.current);
      timer.current = setTimeout(() => set(to), LET_GO_MS);
    },
    /** The tray goes in sooner, and its chicken rests for longer, min. */
    rest: (restMinutes: number) => move.mutate({ eatAt: toLocalIso(new Date(wanted ?? stored)), restMinutes }),
    set: (at: number | null) => {
      clearTimeout(timer.current);
      setWanted(at);
      set(at);
    },
  };
}

export type Dinner = ReturnType<typeof useDinner>;
