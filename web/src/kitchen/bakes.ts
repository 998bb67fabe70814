import { type QueryClient, useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { useCommand } from '../api/command';
import { newCommandId } from '../api/commandId';
import type { BakesView, BakeView, EventRequest } from '../api/types';
import { onDeviceMs } from '../clock/kitchenClock';
import { useSection } from './queries';

/** An estimate looks half an hour ahead; asking again each minute keeps now true. */
const REFRESH_MS = 60_000;

/** A rehearsal's minute may be shorter than an answer takes. */
const SHORTEST_REFRESH_MS = 1500;

/** A bake with all that is known of it; lists of finished ones leave most out. */
export type WholeBake = BakeView & {
  [K in 'plan' | 'forecast' | 'place' | 'moves' | 'lots' | 'acts' | 'next' | 'readings']-?: NonNullable<BakeView[K]>;
};

export type BakeLot = WholeBake['lots'][number];

const isWhole = (bake: BakeView): bake is WholeBake => Boolean(bake.plan && bake.lots);

/** Bakes that are running now. */
export function useLiveBakes() {
  const query = useQuery({
    queryKey: ['oven'],
    queryFn: () => unwrap(api.GET('/api/bakes', { params: { query: { live: true } } })),
    refetchInterval: (asked) =>
      asked.state.data?.bakes.length ? Math.max(SHORTEST_REFRESH_MS, onDeviceMs(REFRESH_MS)) : false,
  });
  return { ...query, bakes: (query.data?.bakes ?? []).filter(isWhole) };
}

/** Finished bakes, newest first, a page at a time. */
export function useLog() {
  const query = useInfiniteQuery({
    queryKey: ['log'],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) =>
      unwrap(api.GET('/api/bakes', { params: { query: pageParam ? { cursor: pageParam } : {} } })),
    getNextPageParam: (page) => page.next ?? undefined,
  });
  return { ...query, bakes: query.data?.pages.flatMap((page) => page.bakes) ?? [] };
}

/** One finished bake, whole. */
export function usePastBake(id: string): WholeBake | undefined {
  const bake = useQuery({
    queryKey: ['past-bake', id],
    queryFn: () => unwrap(api.GET('/api/bakes/{id}', { params: { path: { id } } })),
    enabled: id !== '',
  }).data;
  return bake && isWhole(bake) ? bake : undefined;
}

/** @param moment Changes whenever the estimate may have. */
export const useBakeSection = (id: string, lot: number, moment: string) =>
  useSection(
    ['bake', id, lot, moment],
    () => unwrap(api.GET('/api/bakes/{id}/section', { params: { path: { id }, query: { lot } } })),
    id !== '',
  );

/** The tray goes in. */
export function useStart() {
  const queries = useQueryClient();
  return useCommand(
    (tray: { trayId: number; trayVersion: number }, commandId) =>
      unwrap(api.POST('/api/bakes', { body: { ...tray, commandId } })),
    { onSuccess: (bake) => putLive(queries, bake) },
  );
}

/** What happened, as one tells it; {@link told} gives it the id by which it happens once. */
export type Told = EventRequest & { commandId: string };

export const told = (event: EventRequest): Told => ({ ...event, commandId: newCommandId() });

/**
 * Tells a bake what happened. An answer that was lost on the way is asked for again with the same ids, so nothing happens
 * twice; the answer is the new state.
 */
export function useTell(id: string) {
  const queries = useQueryClient();
  return useCommand(
    (events: readonly Told[]) =>
      unwrap(api.POST('/api/bakes/{id}/events', { params: { path: { id } }, body: { events: [...events] } })),
    {
      onSuccess: async (bake) => {
        putLive(queries, bake);
        if (!bake.isLive) await queries.invalidateQueries({ queryKey: ['log'] });
      },
    },
  );
}

/** The answer to a command is what a question would bring: it is not asked again. */
function putLive(queries: QueryClient, bake: BakeView) {
  queries.setQueryData<BakesView>(
    ['oven'],
    (list) =>
      list && {
        ...list,
        bakes: [...list.bakes.filter((other) => other.id !== bake.id), ...(bake.isLive ? [bake] : [])].sort(byStart),
      },
  );
}

const byStart = (a: BakeView, b: BakeView) => Date.parse(a.startedAt) - Date.parse(b.startedAt);

/** A change to the log; the list is asked for again. */
function useLogChange(change: (id: string) => Promise<unknown>) {
  const queries = useQueryClient();
  return useCommand(change, { onSuccess: () => queries.invalidateQueries({ queryKey: ['log'] }) });
}

export const useDeleteBake = () =>
  useLogChange((id) => unwrap(api.DELETE('/api/bakes/{id}', { params: { path: { id } } })));

export const useRestoreBake = () =>
  useLogChange((id) => unwrap(api.POST('/api/bakes/{id}/restore', { params: { path: { id } } })));
