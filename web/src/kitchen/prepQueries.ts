import { type QueryClient, useMutation, useMutationState, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, unwrap } from '../api/client';
import { commandHead, useCommand } from '../api/command';
import { newCommandId } from '../api/commandId';
import { Problem } from '../api/problem';
import type {
  CoatsRequest,
  KitchenMeasures,
  MarinadesView,
  MeasuresRequest,
  MixRequest,
  PrepRequest,
  PrepView,
} from '../api/types';
import { freshest } from './freshest';
import { prepRequestFrom } from './prepRequest';

export const usePrep = () =>
  useQuery({
    queryKey: ['prep'],
    queryFn: ({ client }) =>
      freshest<PrepView>(
        client,
        ['prep'],
        () => unwrap(api.GET('/api/prep')),
        (view) => view.trayId,
      ),
  });

/** Changes at the counter go one after another, so that the last one wins. */
const AT_THE_COUNTER = 'prep';

/** A change at the counter waits for the server, at whatever station the cook is by then. */
const PATIENT = 100_000;

/** A change at the counter; its answer is the new view. */
function usePrepChange<T>(change: (input: T, commandId: string) => Promise<PrepView>) {
  const queries = useQueryClient();
  return useCommand(change, {
    scope: AT_THE_COUNTER,
    tries: PATIENT,
    onSuccess: (view) => queries.setQueryData(['prep'], view),
  });
}

/** The version that is known of what was decided for a tray: changes follow each other, and each names the last. */
const prepVersion = (queries: QueryClient, trayId: number) => {
  const view = queries.getQueryData<PrepView>(['prep']);
  return view?.trayId === trayId ? view.version : undefined;
};

/**
 * Changes a part of something that is saved whole. Changes that follow each other before an answer is there build on
 * each other; what the server refuses is forgotten here and stays in the field that asked.
 */
function useParts<T extends object>(now: T, save: (body: T, after: { onSettled: () => void }) => void) {
  const wanted = useRef<T | null>(null);
  return (part: Partial<T>) => {
    const body = { ...(wanted.current ?? now), ...part };
    wanted.current = body;
    save(body, {
      onSettled: () => {
        if (wanted.current === body) wanted.current = null;
      },
    });
  };
}

/** @param request What is decided now, as it is sent. */
export function useSavePrep(trayId: number, request: PrepRequest) {
  const queries = useQueryClient();
  const save = useCommand(
    async (body: PrepRequest, commandId) => {
      const send = (version?: number) =>
        unwrap(
          api.PUT('/api/prep/{trayId}', {
            params: { path: { trayId }, header: commandHead(commandId, version) },
            body,
          }),
        );
      try {
        return await send(prepVersion(queries, trayId));
      } catch (refused) {
        // Another screen was faster. What was decided is one sheet: it is fetched, and the field typed in here is put on it.
        if (!(refused instanceof Problem) || refused.status !== 409) throw refused;
        const now = await unwrap(api.GET('/api/prep'));
        if (now.trayId !== trayId) throw refused;
        return unwrap(
          api.PUT('/api/prep/{trayId}', {
            params: { path: { trayId }, header: commandHead(newCommandId(), now.version) },
            body: mergeRequests(request, body, prepRequestFrom(now.choice)),
          }),
        );
      }
    },
    {
      scope: AT_THE_COUNTER,
      tries: PATIENT,
      onSuccess: (view) => queries.setQueryData(['prep'], view),
    },
  );
  return { error: save.error, change: useParts(request, save.mutate) };
}

/** What was changed here, on what another screen has saved meanwhile. */
const mergeRequests = (before: PrepRequest, mine: PrepRequest, theirs: PrepRequest): PrepRequest =>
  Object.fromEntries(
    (Object.keys(mine) as (keyof PrepRequest)[]).map((key) => [
      key,
      JSON.stringify(mine[key]) === JSON.stringify(before[key]) ? theirs[key] : mine[key],
    ]),
  );

export type SavePrep = ReturnType<typeof useSavePrep>;

interface Tick {
  key: string;
  done: boolean;
}

/**
 * Ticks of the order of work. A box shows its tick in the same moment as the tap: the queue of commands tells its news one turn
 * of the page's loop later, and a box that springs back in between is tapped twice. It counts as stored when the answer is there.
 */
export function useTicks(trayId: number) {
  const queries = useQueryClient();
  const [tapped, setTapped] = useState<readonly Tick[]>([]);
  const command = useCommand(
    (body: Tick, commandId) =>
      unwrap(
        api.POST('/api/prep/{trayId}/ticks', { params: { path: { trayId }, header: commandHead(commandId) }, body }),
      ),
    {
      mutationKey: ['tick'],
      scope: AT_THE_COUNTER,
      tries: PATIENT,
      onSuccess: (view) => queries.setQueryData(['prep'], view),
    },
  );
  // Ticks that were on their way when the cook went to another station and came back.
  const underway = useMutationState({
    filters: { mutationKey: ['tick'], status: 'pending' },
    select: (mutation) => mutation.state.variables as Tick,
  });
  const latest = (key: string) => [...underway, ...tapped].findLast((tick) => tick.key === key);
  return {
    error: command.error,
    isUnderway: (key: string) => latest(key) !== undefined,
    isDone: (key: string, isStored: boolean) => latest(key)?.done ?? isStored,
    tick: (key: string, done: boolean) => {
      const tick = { key, done };
      setTapped((ticks) => [...ticks, tick]);
      // Callbacks given to `mutate` are only called for the latest one, and two ticks may be on their way.
      const settled = () => setTapped((ticks) => ticks.filter((other) => other !== tick));
      command.mutateAsync(tick).then(settled, settled);
    },
  };
}

export const useClearTicks = (trayId: number) =>
  usePrepChange((_: null, commandId) =>
    unwrap(api.DELETE('/api/prep/{trayId}/ticks', { params: { path: { trayId }, header: commandHead(commandId) } })),
  );

/** One stack of coats on some of a tray's chicken: the tray changes, and with it what is mixed for it. */
export function useCoatLots(trayId: number) {
  const queries = useQueryClient();
  return useCommand(
    (body: CoatsRequest, commandId) =>
      unwrap(
        api.PUT('/api/trays/{id}/coats', { params: { path: { id: trayId }, header: commandHead(commandId) }, body }),
      ),
    {
      scope: AT_THE_COUNTER,
      tries: PATIENT,
      onSuccess: (view) => {
        queries.setQueryData(['tray'], view);
        return queries.invalidateQueries({ queryKey: ['prep'] });
      },
    },
  );
}

export function useSetMeasures(measures: KitchenMeasures) {
  const save = usePrepChange((body: MeasuresRequest, commandId) =>
    unwrap(api.PUT('/api/prep/measures', { params: { header: commandHead(commandId) }, body })),
  );
  return useParts<MeasuresRequest>(measures, save.mutate);
}

/** Writes a new mix, or changes an own one from the version that was opened. */
export function useSaveMix() {
  const queries = useQueryClient();
  return useCommand(
    ({ id, version, mix }: { id: number | null; version?: number; mix: MixRequest }, commandId) =>
      unwrap(
        id === null
          ? api.POST('/api/mixes', { params: { header: commandHead(commandId) }, body: mix })
          : api.PUT('/api/mixes/{id}', {
              params: { path: { id }, header: commandHead(commandId, version) },
              body: mix,
            }),
      ),
    { onSuccess: () => queries.invalidateQueries({ queryKey: ['prep'] }) },
  );
}

export function useDeleteMix() {
  const queries = useQueryClient();
  return useCommand(
    (id: number, commandId) =>
      unwrap(api.DELETE('/api/mixes/{id}', { params: { path: { id }, header: commandHead(commandId) } })),
    { onSuccess: () => queries.invalidateQueries({ queryKey: ['prep'] }) },
  );
}

export const useMarinades = () =>
  useQuery({ queryKey: ['marinades'], queryFn: () => unwrap(api.GET('/api/marinades')) }).data;

function useMarinadeChange<T = number>(change: (input: T, commandId: string) => Promise<MarinadesView>) {
  const queries = useQueryClient();
  return useCommand(change, { onSuccess: (view) => queries.setQueryData(['marinades'], view) });
}

export const useStartMarinade = () =>
  useMarinadeChange(({ trayId, mix }: { trayId: number; mix: string }, commandId) =>
    unwrap(
      api.POST('/api/prep/{trayId}/marinade', {
        params: { path: { trayId }, header: commandHead(commandId) },
        body: { mix },
      }),
    ),
  );

export const useTurnMarinade = () =>
  useMarinadeChange((id, commandId) =>
    unwrap(api.POST('/api/marinades/{id}/turned', { params: { path: { id }, header: commandHead(commandId) } })),
  );

export const useEndMarinade = () =>
  useMarinadeChange((id, commandId) =>
    unwrap(api.POST('/api/marinades/{id}/ended', { params: { path: { id }, header: commandHead(commandId) } })),
  );

export const useReadRecipe = () =>
  useMutation({ mutationFn: (text: string) => unwrap(api.POST('/api/recipes/read', { body: { text } })) });

export function useUseRecipe() {
  const queries = useQueryClient();
  return useCommand(
    (text: string, commandId) =>
      unwrap(api.POST('/api/recipes/use', { params: { header: commandHead(commandId) }, body: { text } })),
    { onSuccess: () => queries.invalidateQueries() },
  );
}
