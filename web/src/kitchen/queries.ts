import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import type { RecipeRequest, SectionFilm, TrayView } from '../api/types';
import { type OpenFilm, openFilm } from '../section/film';
import { choicesQuery, trayQuery } from './firstQueries';

export const useChoices = () => useQuery(choicesQuery).data;

export const useTray = () => useQuery(trayQuery);

/** A piece cut open; the last film stays on screen until the next one is there. */
export function useSection(
  key: readonly unknown[],
  fetch: () => Promise<SectionFilm>,
  enabled = true,
): OpenFilm | undefined {
  return useQuery({
    queryKey: ['section', ...key],
    queryFn: async () => openFilm(await fetch()),
    placeholderData: keepPreviousData,
    enabled,
  }).data;
}

/** The same without the picture of another meanwhile: what is said in words must be of this one. */
export const useSectionOf = (key: readonly unknown[], fetch: () => Promise<SectionFilm>, enabled: boolean) =>
  useQuery({ queryKey: ['section', ...key], queryFn: async () => openFilm(await fetch()), enabled }).data;

/** A version of a tray: what is asked of it is asked once. */
type TrayVersion = Pick<TrayView, 'id' | 'version'>;

export const useTraySection = ({ id, version, answer }: TrayVersion & Pick<TrayView, 'answer'>, lot: number) =>
  useSection(
    ['tray', id, version, lot],
    () => unwrap(api.GET('/api/trays/{id}/section', { params: { path: { id }, query: { lot } } })),
    answer !== null,
  );

/** Asked for anew each time the list is opened. */
export const useTrays = () =>
  useQuery({ queryKey: ['trays'], queryFn: () => unwrap(api.GET('/api/trays')), staleTime: 0 }).data;

/** Proposals for one version of the tray: asked for once, and again when the tray has changed. */
export const useTogether = ({ id, version }: TrayVersion, enabled: boolean) =>
  useQuery({
    queryKey: ['together', id, version],
    queryFn: ({ signal }) => unwrap(api.POST('/api/trays/{id}/together', { params: { path: { id } }, signal })),
    enabled,
  });

export const useWays = ({ id, version }: TrayVersion, ways: string[]) =>
  useQuery({
    queryKey: ['ways', id, version, ...ways],
    queryFn: ({ signal }) =>
      unwrap(api.POST('/api/trays/{id}/compare', { params: { path: { id } }, body: { ways }, signal })),
    placeholderData: keepPreviousData,
  });

export const useRecipeCheck = (id: number) =>
  useMutation({
    mutationFn: (recipe: RecipeRequest) =>
      unwrap(api.POST('/api/trays/{id}/recipe-check', { params: { path: { id } }, body: recipe })),
  });
