import { useEffect, useRef, useState } from 'react';
import { CHIME } from '../../alarm/ring';
import { sound } from '../../alarm/sounding';
import { speak } from '../../alarm/useAlarm';
import { wishes } from '../../alarm/wishes';
import type { WholeBake } from '../../kitchen/bakes';
import { milestonesPassed } from './milestones';

/** A milestone stands in view for this long, ms. */
const SHOWN_MS = 20_000;

/** Chimes softly for each milestone once; those passed before the page was opened are old news. */
export function useMilestones(bakes: readonly WholeBake[], nowMs: number): string | null {
  const { silent, spoken, milestones } = wishes.use();
  const known = useRef<Set<string> | null>(null);
  const [shown, setShown] = useState<{ words: string; atMs: number } | null>(null);
  const passed = milestones ? bakes.flatMap((bake) => milestonesPassed(bake, nowMs)) : [];
  const keys = passed.map((one) => one.key).join(' ');
  // biome-ignore lint/correctness/useExhaustiveDependencies: the keys say when there is something new.
  useEffect(() => {
    if (known.current === null) {
      if (bakes.length > 0) known.current = new Set(passed.map((one) => one.key));
      return;
    }
    const fresh = passed.filter((one) => !known.current?.has(one.key));
    if (fresh.length === 0) return;
    for (const one of fresh) known.current.add(one.key);
    const words = fresh.map((one) => one.words).join('; ');
    setShown({ words, atMs: nowMs });
    if (silent) return;
    sound(CHIME);
    if (spoken) speak(words);
  }, [keys, bakes.length > 0]);
  return shown && nowMs - shown.atMs < SHOWN_MS ? shown.words : null;
}
