import type { SolveAnswer, TextbookCase } from '../../api/types';

/** A published case and what came of it here. */
export interface Held {
  item: TextbookCase;
  /** Ours less the published, °C, moment by moment; empty while it is being solved. */
  apart: readonly number[];
  /** The largest of them, either way; null while it is being solved. */
  worst: number | null;
  /** As near as is promised. */
  holds: boolean;
  oursC: readonly number[];
  elapsedMs: number | null;
}

export function heldAgainst(item: TextbookCase, answer: SolveAnswer | undefined): Held {
  const oursC = answer?.samples.map((sample) => sample.coreC) ?? [];
  const apart = oursC.map((coreC, i) => coreC - (item.publishedCoreC[i] ?? Number.NaN));
  const worst = answer ? Math.max(...apart.map(Math.abs)) : null;
  return {
    item,
    apart,
    worst,
    holds: worst !== null && worst <= item.toleranceC,
    oursC,
    elapsedMs: answer?.elapsedMs ?? null,
  };
}
