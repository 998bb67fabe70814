import type { RunningMarinade, TrayView } from '../../api/types';
import { MINUTE_MS } from '../../words/times';

/** So much sooner than planned, nobody is asked: ovens and clocks differ by as much. */
const WORTH_ASKING_MINUTES = 5;

/** What speaks against putting a tray in at this moment. */
export interface EarlyStart {
  /** How much sooner than it was planned for, min; 0 where that is not worth a question. */
  minutes: number;
  plannedAt: number;
  eatAt: number;
  /** Marinades of this tray that have not had their time. */
  marinades: { mixName: string; fromAt: string }[];
}

export function earlyStart(
  view: Pick<TrayView, 'plan' | 'answer' | 'eatAtHasPassed'>,
  running: readonly RunningMarinade[],
  nowMs: number,
): EarlyStart {
  const timing = view.plan.eatAt && !view.eatAtHasPassed ? view.answer?.timing : undefined;
  const plannedAt = timing ? Date.parse(timing.inAt) : nowMs;
  const sooner = Math.round((plannedAt - nowMs) / MINUTE_MS);
  return {
    minutes: sooner > WORTH_ASKING_MINUTES ? sooner : 0,
    plannedAt,
    eatAt: timing ? Date.parse(timing.eatAt) : nowMs,
    marinades: running
      .filter((marinade) => marinade.trayName === view.plan.name && Date.parse(marinade.times.readyAt) > nowMs)
      .map((marinade) => ({ mixName: marinade.mixName, fromAt: marinade.times.readyAt })),
  };
}
