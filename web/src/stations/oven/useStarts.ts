import { useState } from 'react';
import { wishes } from '../../alarm/wishes';
import { useEvening } from '../../kitchen/evening';
import { MINUTE_MS } from '../../words/times';

/** It is rung for a start for so long, ms: whoever was away then reads it on the list. */
const RUNG_FOR_MS = 10 * MINUTE_MS;

/** What of the evening is to be begun now and was not ticked, where this device is to ring for it. */
export function useStarts(nowMs: number) {
  const { starts } = wishes.use();
  const { data: view } = useEvening(starts);
  const [seen, setSeen] = useState<readonly string[]>([]);
  if (!starts || !view) return [];
  return view.tasks
    .filter((task) => task.hands.length > 0 || task.kind === 'preheat')
    .filter((task) => {
      const late = nowMs - Date.parse(task.beginsAt);
      return late >= 0 && late < RUNG_FOR_MS && !seen.includes(idOf(view.trayId, task));
    })
    .map((task) => ({
      id: idOf(view.trayId, task),
      words: task.title,
      stop: () => setSeen((before) => [...before, idOf(view.trayId, task)]),
    }));
}

/** A task that was moved rings anew. */
const idOf = (trayId: number, task: { key: string; beginsAt: string }) => `${trayId}.${task.key}.${task.beginsAt}`;
