import { useMutation, useMutationState, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { requestFrom } from '../stations/prep/prepRequest';
import { api, unwrap } from './client';
import type { KitchenMeasures, MarinadesView, MeasuresRequest, MixRequest, PrepRequest, PrepView } from './types';

export const usePrep = () => useQuery({ queryKey: ['prep'], queryFn: () => unwrap(api.GET('/api/prep')) });

/** Changes at the counter go one after another, so that the last one wins. */
const inTurn = { id: 'prep' };

/** A change at the counter; its answer is the new view. */
function usePrepChange<T>(change: (input: T) => Promise<PrepView>) {
  const queries = useQueryClient();
  return useMutation({ mutationFn: change, scope: inTurn, onSuccess: (view) => queries.setQueryData(['prep'], view) });
}

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

export function useSavePrep(view: PrepView) {
  const save = usePrepChange((body: PrepRequest) =>
    unwrap(api.PUT('/api/prep/{trayId}', { params: { path: { trayId: view.trayId } }, body })),
  );
  return { error: save.error, change: useParts(requestFrom(view.choice), save.mutate) };
}

export type SavePrep = ReturnType<typeof useSavePrep>;

interface Tick {
  key: string;
  done: boolean;
}

/** Ticks a step; it counts as stored when the list has been asked for again. */
export function useTick(trayId: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationKey: ['tick'],
    scope: inTurn,
    mutationFn: (body: Tick) => unwrap(api.POST('/api/prep/{trayId}/ticks', { params: { path: { trayId } }, body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['prep'] }),
  });
}

/** Ticks on their way to the server: shown, but not yet counted. */
export const useTicksUnderway = () =>
  useMutationState({
    filters: { mutationKey: ['tick'], status: 'pending' },
    select: (mutation) => mutation.state.variables as Tick,
  });

export const useClearTicks = (trayId: number) =>
  usePrepChange((_: null) => unwrap(api.DELETE('/api/prep/{trayId}/ticks', { params: { path: { trayId } } })));

export const useCoatTray = (trayId: number) =>
  usePrepChange((_: null) => unwrap(api.POST('/api/prep/{trayId}/coat', { params: { path: { trayId } } })));

export function useSetMeasures(measures: KitchenMeasures) {
  const save = usePrepChange((body: MeasuresRequest) => unwrap(api.PUT('/api/prep/measures', { body })));
  return useParts<MeasuresRequest>(measures, save.mutate);
}

/** Writes a new mix, or changes an own one. */
export function useSaveMix() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, mix }: { id: number | null; mix: MixRequest }) =>
      unwrap(
        id === null
          ? api.POST('/api/mixes', { body: mix })
          : api.PUT('/api/mixes/{id}', { params: { path: { id } }, body: mix }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['prep'] }),
  });
}

export function useDeleteMix() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: number) => unwrap(api.DELETE('/api/mixes/{id}', { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['prep'] }),
  });
}

export const useMarinades = () =>
  useQuery({ queryKey: ['marinades'], queryFn: () => unwrap(api.GET('/api/marinades')) }).data;

function useMarinadeChange(change: (id: number) => Promise<MarinadesView>) {
  const queries = useQueryClient();
  return useMutation({ mutationFn: change, onSuccess: (view) => queries.setQueryData(['marinades'], view) });
}

export const useStartMarinade = () =>
  useMarinadeChange((trayId) => unwrap(api.POST('/api/prep/{trayId}/marinade', { params: { path: { trayId } } })));

export const useTurnMarinade = () =>
  useMarinadeChange((id) => unwrap(api.POST('/api/marinades/{id}/turned', { params: { path: { id } } })));

export const useEndMarinade = () =>
  useMarinadeChange((id) => unwrap(api.POST('/api/marinades/{id}/ended', { params: { path: { id } } })));

export const useReadRecipe = () =>
  useMutation({ mutationFn: (text: string) => unwrap(api.POST('/api/recipes/read', { body: { text } })) });

export function useUseRecipe() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (text: string) => unwrap(api.POST('/api/recipes/use', { body: { text } })),
    onSuccess: () => queries.invalidateQueries(),
  });
}
