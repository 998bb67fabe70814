import { type DehydratedState, dehydrate, hydrate, type QueryClient } from '@tanstack/react-query';
import { keepClock } from '../clock/kitchenClock';
import { keeper, readKept } from '../drafts/keptText';

/** What was seen last, so that a page that is opened without the server shows it. */
const KEPT = ['oven', 'choices', 'kitchen', 'tray', 'trays', 'prep', 'measures', 'marinades'];

const KEY = 'seen';
const WRITE_MS = 1500;

/** Older than an evening and a night, it would mislead, ms. */
const OLDEST_MS = 18 * 3_600_000;

interface Kept {
  atMs: number;
  state: DehydratedState;
}

/** Keeps what the server answered on this device, and begins with it. */
export function keepAnswers(queries: QueryClient) {
  const kept = readKept<Kept>(KEY);
  if (kept && Date.now() - kept.atMs < OLDEST_MS) hydrate(queries, kept.state);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const write = () => {
    clearTimeout(timer);
    timer = undefined;
    const state = dehydrate(queries, {
      shouldDehydrateQuery: (query) => query.state.status === 'success' && KEPT.includes(String(query.queryKey[0])),
      shouldDehydrateMutation: () => false,
    });
    keeper.setItem(KEY, JSON.stringify({ atMs: Date.now(), state }));
    keepClock();
  };
  queries.getQueryCache().subscribe((happened) => {
    if (happened.type !== 'updated' || happened.action.type !== 'success') return;
    // Not put off by what comes next: thermometers in the tray bring something every second.
    if (KEPT.includes(String(happened.query.queryKey[0]))) timer ??= setTimeout(write, WRITE_MS);
  });
  addEventListener('pagehide', () => {
    if (timer) write();
  });
}
