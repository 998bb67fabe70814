import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { api, unwrap } from '../api/client';
import { useCommand } from '../api/command';
import { newCommandId } from '../api/commandId';
import type { BakesView, BakeView, EventRequest } from '../api/types';
import { kitchenNow, onDeviceMs } from '../clock/kitchenClock';
import { Outbox, type Told } from './outbox';
import { useSection, useSectionOf } from './queries';

export type { Told };

/** An estimate looks half an hour ahead; asking again each minute keeps now true. */
const REFRESH_MS = 60_000;

/** A rehearsal's minute may be shorter than an answer takes. */
const SHORTEST_REFRESH_MS = 1500;

/** A bake with all that is known of it; lists of finished ones leave most out. */
export type WholeBake = BakeView & {
  [K in 'plan' | 'forecast' | 'place' | 'moves' | 'lots' | 'acts' | 'next' | 'vessels' | 'readings']-?: NonNullable<
    BakeView[K]
  >;
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

/** One finished bake, whole. */
export function usePastBake(id: string): WholeBake | undefined {
  const bake = useQuery({
    queryKey: ['log', 'bake', id],
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

/** The slowest piece of a lot, for the way that a probe takes in it: that hardly changes while it bakes. */
export const useProbeSection = (id: string, lot: number, enabled: boolean) =>
  useSectionOf(
    ['probe', id, lot],
    () => unwrap(api.GET('/api/bakes/{id}/section', { params: { path: { id }, query: { lot } } })),
    enabled,
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

/** The tray is not in after all. */
export function useUnstart() {
  const queries = useQueryClient();
  return useCommand((id: string) => unwrap(api.POST('/api/bakes/{id}/unstart', { params: { path: { id } } })), {
    onSuccess: () => queries.invalidateQueries({ queryKey: ['oven'] }),
  });
}

export const told = (event: EventRequest): Told => ({ ...event, commandId: newCommandId() });

export const outbox = new Outbox(
  (id, events) =>
    unwrap(api.POST('/api/bakes/{id}/events', { params: { path: { id } }, body: { events: [...events] } })),
  kitchenNow,
);

/** What was told and is not with the server yet. */
export const useWaiting = () => useSyncExternalStore(outbox.subscribe, outbox.list);

/** Asked for again this often before the page goes on without an answer. */
const TRIES = 3;
const RETRY_MS = 700;

/**
 * Tells a bake what happened: kept on this device first, sent once. The answer is the new state, or null where it waits to be
 * sent.
 */
export function useTell(id: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (events: readonly Told[]): Promise<BakeView | null> => {
      outbox.add(id, events);
      for (let tried = 1; ; tried++) {
        const sent = await outbox.flush(id, events);
        if (sent.kind === 'refused') throw sent.why;
        if (sent.kind === 'answered') return sent.bake;
        if (tried === TRIES) return null;
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      }
    },
    onSuccess: (bake) => (bake ? putTold(queries, bake) : undefined),
  });
}

/**
 * Sends what waits as soon as the server is back; what was told a moment ago is still being sent by who told it.
 *
 * @returns Why the last of it was refused, until that was seen: nobody is at its button any more.
 */
export function useSendWaiting(connected: boolean): [Error | null, () => void] {
  const queries = useQueryClient();
  const [refused, setRefused] = useState<Error | null>(null);
  const waiting = useWaiting();
  const bakes = [...new Set(waiting.map((one) => one.bakeId))].join(' ');
  useEffect(() => {
    if (!connected || bakes === '') return;
    const send = () => {
      for (const id of bakes.split(' ')) {
        const events = outbox.of(id, LEFT_MS);
        if (events.length === 0) continue;
        void outbox.flush(id, events).then((sent) => {
          if (sent.kind === 'answered') return putTold(queries, sent.bake);
          if (sent.kind !== 'refused') return;
          setRefused(sent.why);
          return queries.invalidateQueries({ queryKey: ['oven'] });
        });
      }
    };
    send();
    const timer = setInterval(send, SEND_AGAIN_MS);
    return () => clearInterval(timer);
  }, [connected, bakes, queries]);
  return [refused, () => setRefused(null)];
}

const SEND_AGAIN_MS = 2000;

/** Longer than who told it tries. */
const LEFT_MS = 3000;

async function putTold(queries: QueryClient, bake: BakeView) {
  putLive(queries, bake);
  if (!bake.isLive) await queries.invalidateQueries({ queryKey: ['log'] });
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
  return useCommand(change, {
    // Not waited for: what deleted it leaves the page with it, and must have said so before.
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['log'] });
    },
  });
}

export const useDeleteBake = () =>
  useLogChange((id) => unwrap(api.DELETE('/api/bakes/{id}', { params: { path: { id } } })));

export const useRestoreBake = () =>
  useLogChange((id) => unwrap(api.POST('/api/bakes/{id}/restore', { params: { path: { id } } })));
