import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { commandHead, useCommand } from '../api/command';
import { newCommandId } from '../api/commandId';
import { Problem } from '../api/problem';
import type { operations } from '../api/schema';
import type { BakeView, EventRequest, RestoreReport } from '../api/types';

/** What is looked for; what is left out fits. */
export type LogSearch = Omit<NonNullable<operations['GetLog']['parameters']['query']>, 'cursor'>;

/** Finished bakes that fit, newest first, a page at a time; the last list stays while the next is looked up. */
export function useLog(search: LogSearch) {
  const query = useInfiniteQuery({
    queryKey: ['log', 'list', search],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) =>
      unwrap(api.GET('/api/log', { params: { query: { ...search, ...(pageParam ? { cursor: pageParam } : {}) } } })),
    getNextPageParam: (page) => page.next ?? undefined,
    placeholderData: (before) => before,
  });
  return {
    ...query,
    lines: query.data?.pages.flatMap((page) => page.lines) ?? [],
    filters: query.data?.pages[0]?.filters,
  };
}

export const useLearnt = () =>
  useQuery({ queryKey: ['log', 'learnt'], queryFn: () => unwrap(api.GET('/api/log/learnt')) }).data;

/** What a tray was made from, where it repeats a bake. */
export const useLastTime = (tray: { id: number; version: number } | null, repeats: string | null | undefined) =>
  useQuery({
    queryKey: ['log', 'last-time', tray?.id, tray?.version],
    queryFn: () => unwrap(api.GET('/api/trays/{id}/last-time', { params: { path: { id: tray?.id ?? 0 } } })),
    enabled: tray !== null && Boolean(repeats),
  }).data;

/** Everything that follows from the log is asked for again. */
function useLogChanged() {
  const queries = useQueryClient();
  return () => queries.invalidateQueries({ queryKey: ['log'] });
}

/** Says something of a finished bake, at table or after. */
export function useSay(id: string) {
  const changed = useLogChanged();
  return useCommand(
    (event: EventRequest, commandId) =>
      unwrap(
        api.POST('/api/bakes/{id}/events', { params: { path: { id } }, body: { events: [{ ...event, commandId }] } }),
      ),
    { onSuccess: changed },
  );
}

/** The same again: a tray like the one of a bake becomes the one that is worked on. */
export function useAgain() {
  const queries = useQueryClient();
  return useCommand(
    (id: string, commandId) =>
      unwrap(api.POST('/api/log/{id}/again', { params: { path: { id }, header: commandHead(commandId) } })),
    { onSuccess: () => queries.invalidateQueries() },
  );
}

export function useLearnAnew() {
  const changed = useLogChanged();
  return useCommand(
    (name: string, commandId) =>
      unwrap(api.POST('/api/log/learnt/anew', { params: { header: commandHead(commandId) }, body: { name } })),
    { onSuccess: changed },
  );
}

/** Sends a file as it is. */
async function sendFile<T>(path: string, file: Blob, type: string, headers: Record<string, string> = {}): Promise<T> {
  const response = await fetch(path, {
    method: 'POST',
    body: file,
    headers: { 'Content-Type': type, ...headers },
  }).catch(() => {
    throw new Problem(0, 'The kitchen server does not answer. Try again when it is back.');
  });
  const answer: unknown = await response.json().catch(() => null);
  if (!response.ok) throw Problem.from(response.status, answer);
  return answer as T;
}

/** A photo beside a bake; a phone says what kind it is, and what it does not say is sent as a JPEG and looked at there. */
export function useKeepPhoto(id: string) {
  const changed = useLogChanged();
  return useMutation({
    mutationFn: (photo: File) =>
      sendFile<BakeView>(
        `/api/bakes/${id}/photos`,
        photo,
        /^image\/(jpeg|png|webp)$/.test(photo.type) ? photo.type : 'image/jpeg',
        { 'Command-Id': newCommandId() },
      ),
    onSuccess: changed,
  });
}

export function useRemovePhoto(id: string) {
  const changed = useLogChanged();
  return useCommand(
    (photo: string) => unwrap(api.DELETE('/api/bakes/{id}/photos/{photo}', { params: { path: { id, photo } } })),
    { onSuccess: changed },
  );
}

export function useImportBake() {
  const changed = useLogChanged();
  return useMutation({
    mutationFn: (file: File) => sendFile<BakeView>('/api/bakes/file', file, 'application/json'),
    onSuccess: changed,
  });
}

/** A log that was kept as a table: what it would bring, or brings. */
export function useImportLog() {
  const changed = useLogChanged();
  return useMutation({
    mutationFn: (body: { text: string; rehearsal: boolean }) => unwrap(api.POST('/api/log/table', { body })),
    onSuccess: (_, { rehearsal }) => (rehearsal ? undefined : changed()),
  });
}

/** What a backup would bring, or brings. */
export function useRestore() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ file, mode, rehearsal }: { file: File; mode: 'merge' | 'replace'; rehearsal: boolean }) =>
      sendFile<RestoreReport>(`/api/house/restore?mode=${mode}&rehearsal=${rehearsal}`, file, 'application/zip'),
    onSuccess: (_, { rehearsal }) => (rehearsal ? undefined : queries.invalidateQueries()),
  });
}

export const useBackups = () =>
  useQuery({ queryKey: ['backups'], queryFn: () => unwrap(api.GET('/api/house/backups')), staleTime: 0 }).data;
