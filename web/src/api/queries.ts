import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type OpenFilm, openFilm } from '../section/film';
import { api, unwrap } from './client';
import type { BakePlace, CheckRequest, OvenView, RecipeRequest, SectionFilm, TextbookCase } from './types';

/** An estimate looks twenty minutes ahead; asking again each minute keeps the future long enough. */
const OVEN_REFRESH_MS = 60_000;

export const useChoices = () =>
  useQuery({ queryKey: ['choices'], queryFn: () => unwrap(api.GET('/api/choices')) }).data;

export const useTray = () => useQuery({ queryKey: ['tray'], queryFn: () => unwrap(api.GET('/api/tray')) });

export const useOven = () =>
  useQuery({
    queryKey: ['oven'],
    queryFn: () => unwrap(api.GET('/api/oven')),
    refetchInterval: (query) => (query.state.data?.bake ? OVEN_REFRESH_MS : false),
  });

export const useLog = () => useQuery({ queryKey: ['log'], queryFn: () => unwrap(api.GET('/api/log')) });

/**
 * A change to the live bake. Its own answer may be older than another change made meanwhile, so the oven is asked for
 * again, and the change counts as done when that has arrived.
 */
function useOvenChange<T>(change: (input: T) => Promise<OvenView>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => queries.invalidateQueries({ queryKey: ['oven'] }),
  });
}

export const useStart = () =>
  useOvenChange((trayVersion: number) => unwrap(api.POST('/api/oven/start', { body: { trayVersion } })));

export const useCheck = () =>
  useOvenChange(({ id, check }: { id: string; check: CheckRequest }) =>
    unwrap(api.POST('/api/oven/{id}/checks', { params: { path: { id } }, body: check })),
  );

export const useMove = () =>
  useOvenChange(({ id, place }: { id: string; place: BakePlace }) =>
    unwrap(api.POST('/api/oven/{id}/moves', { params: { path: { id } }, body: { place } })),
  );

export const useFinish = () =>
  useOvenChange((id: string) => unwrap(api.POST('/api/oven/{id}/finish', { params: { path: { id } } })));

export const usePastBake = (id: string) =>
  useQuery({
    queryKey: ['past-bake', id],
    queryFn: () => unwrap(api.GET('/api/log/{id}', { params: { path: { id } } })),
    enabled: id !== '',
  }).data;

/** A piece cut open; the last film stays on screen until the next one is there. */
function useSection(key: readonly unknown[], fetch: () => Promise<SectionFilm>, enabled = true): OpenFilm | undefined {
  return useQuery({
    queryKey: ['section', ...key],
    queryFn: async () => openFilm(await fetch()),
    placeholderData: keepPreviousData,
    enabled,
  }).data;
}

/** @param version 0 while there is nothing to cut open. */
export const useTraySection = (version: number, lot: number) =>
  useSection(
    ['tray', version, lot],
    () => unwrap(api.GET('/api/tray/section', { params: { query: { lot } } })),
    version > 0,
  );

export const useTrays = (enabled: boolean) =>
  useQuery({ queryKey: ['trays'], queryFn: () => unwrap(api.GET('/api/trays')), enabled, staleTime: 0 }).data;

/** Proposals for one version of the tray: asked for once, and again when the tray has changed. */
export const useTogether = (version: number, enabled: boolean) =>
  useQuery({ queryKey: ['together', version], queryFn: () => unwrap(api.POST('/api/tray/together')), enabled });

export const useWays = (version: number, ways: string[]) =>
  useQuery({
    queryKey: ['ways', version, ...ways],
    queryFn: () => unwrap(api.POST('/api/tray/compare', { body: { ways } })),
    placeholderData: keepPreviousData,
  });

export const useRecipeCheck = () =>
  useMutation({ mutationFn: (recipe: RecipeRequest) => unwrap(api.POST('/api/tray/recipe', { body: recipe })) });

/** @param moment Changes whenever the estimate may have. */
export const useOvenSection = (id: string, moment: string) =>
  useSection(['oven', id, moment], () => unwrap(api.GET('/api/oven/section')));

export const usePastSection = (id: string) =>
  useSection(['log', id], () => unwrap(api.GET('/api/log/{id}/section', { params: { path: { id } } })), id !== '');

export const useTextbook = () =>
  useQuery({ queryKey: ['textbook'], queryFn: () => unwrap(api.GET('/api/heat/textbook')) }).data;

export const useHeatParameters = () =>
  useQuery({ queryKey: ['heat-parameters'], queryFn: () => unwrap(api.GET('/api/heat/parameters')) }).data;

/** The bare engine's own answer to a textbook case. */
export const useSolve = (item: TextbookCase) =>
  useQuery({
    queryKey: ['solve', item.name, item.setting],
    queryFn: () => unwrap(api.POST('/api/heat/solve', { body: item.request })),
  });

/** A change to the log; the list is asked for again. */
function useLogChange(change: (id: string) => Promise<unknown>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => queries.invalidateQueries({ queryKey: ['log'] }),
  });
}

export const useDeleteBake = () =>
  useLogChange((id) => unwrap(api.DELETE('/api/log/{id}', { params: { path: { id } } })));

export const useRestoreBake = () =>
  useLogChange((id) => unwrap(api.POST('/api/log/{id}/restore', { params: { path: { id } } })));
