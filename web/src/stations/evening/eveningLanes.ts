import type { EveningTask, EveningView } from '../../api/types';
import type { Lane, Span } from '../../rail/LaneBar';
import { MINUTE_MS } from '../../words/times';

type Moments = EveningTask['hands'];

/**
 * An evening as lanes: whose hands, which heat, what lies cold. A lane that holds nothing is left out.
 *
 * @param cooks First names, as far as the kitchen knows them.
 */
export function eveningLanes(view: EveningView, cooks: readonly string[]): Lane[] {
  const spans = (of: (task: EveningTask) => Moments, kind: 'work' | 'oven') =>
    view.tasks.flatMap((task) => of(task).map((moment) => spanOf(kind, moment, task.railLabel)));
  const free = view.free.map((moment): Span => {
    const minutes = Math.round((Date.parse(moment.to) - Date.parse(moment.from)) / MINUTE_MS);
    return spanOf('free', moment, `free, ${minutes} min`);
  });
  const oven = view.tasks.flatMap((task) =>
    task.oven.map((moment) => spanOf(task.kind === 'preheat' ? 'preheat' : 'oven', moment, task.railLabel)),
  );
  const rows = inRows([...free, ...spans((task) => task.hands, 'work')]);
  const lanes: Lane[] = [
    ...rows.map((row, at) => ({
      name: rows.length > 1 ? (cooks[at] ?? (at === 0 ? 'Hands' : 'Helper')) : 'Hands',
      spans: row,
    })),
    ...inRows(
      (view.choice.away ?? [])
        .filter((away) => Date.parse(away.to) > Date.parse(view.now))
        .map((away) => spanOf('rest', { ...away, from: later(away.from, view.now) }, away.title)),
    ).map((row) => ({ name: 'Away', spans: row })),
    ...inRows(oven).map((row, at) => ({ name: at === 0 ? 'Oven' : 'Shelf', spans: row })),
    ...inRows(spans((task) => task.hob, 'oven')).map((row, at) => ({ name: at === 0 ? 'Hob' : 'Ring', spans: row })),
    ...inRows(view.waits.map((wait) => spanOf('rest', wait, wait.title))).map((row) => ({ name: 'Cold', spans: row })),
  ];
  // Two lanes of one name could not be told apart.
  return lanes.map((lane, at) =>
    lanes.findIndex((other) => other.name === lane.name) < at ? { ...lane, name: `${lane.name} ${at}` } : lane,
  );
}

/** What began before now begins now. */
const later = (at: string, now: string) => (Date.parse(at) > Date.parse(now) ? at : now);

type Moment = { from: string; to: string };

const spanOf = (kind: 'work' | 'oven' | 'preheat' | 'rest' | 'free', moment: Moment, label: string) => ({
  kind,
  from: Date.parse(moment.from),
  to: Date.parse(moment.to),
  label,
});

/** Spans that overlap stand in rows of their own. */
function inRows<T extends { from: number; to: number }>(spans: readonly T[]): T[][] {
  const rows: T[][] = [];
  for (const span of [...spans].sort((a, b) => a.from - b.from)) {
    const row = rows.find((one) => (one.at(-1)?.to ?? 0) <= span.from);
    if (row) row.push(span);
    else rows.push([span]);
  }
  return rows;
}
