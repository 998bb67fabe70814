import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { commandHead, useCommand } from '../api/command';
import type { DinnerRequest, EveningRequest, EveningView } from '../api/types';

const key = ['evening'];

/** What is left of an evening changes with the clock, too. */
const ASK_AGAIN_MS = 20_000;

/**
 * The whole meal on the clock; undefined until it is known.
 *
 * @param enabled Whether anybody asks.
 */
export const useEvening = (enabled = true): EveningView | undefined =>
  useQuery({
    queryKey: key,
    queryFn: () => unwrap(api.GET('/api/evening')),
    refetchInterval: enabled ? ASK_AGAIN_MS : false,
    enabled,
  }).data;

/** A change of the evening, one after another: what comes back is shown at once. */
function useEveningChange<I>(send: (input: I, commandId: string, view: EveningView) => Promise<EveningView>) {
  const queries = useQueryClient();
  return useCommand(
    (input: I, commandId) => {
      const view = queries.getQueryData<EveningView>(key);
      if (!view) throw new Error('Nobody can change an evening that is not shown.');
      return send(input, commandId, view);
    },
    { scope: 'evening', onSuccess: (view) => queries.setQueryData(key, view) },
  );
}

export const useSaveEvening = () =>
  useEveningChange((part: Partial<EveningRequest>, commandId, { trayId, version, choice }) => {
    const { done: _, ...now } = choice;
    return unwrap(
      api.PUT('/api/evening/{trayId}', {
        params: { path: { trayId }, header: commandHead(commandId, version) },
        body: { ...now, ...part },
      }),
    );
  });

export const useTickTask = () =>
  useEveningChange((body: { key: string; done: boolean }, commandId, { trayId }) =>
    unwrap(
      api.POST('/api/evening/{trayId}/done', { params: { path: { trayId }, header: commandHead(commandId) }, body }),
    ),
  );

export const useMoveDinner = () =>
  useEveningChange((body: DinnerRequest, commandId, { trayId }) =>
    unwrap(
      api.POST('/api/evening/{trayId}/dinner', {
        params: { path: { trayId }, header: commandHead(commandId) },
        body,
      }),
    ),
  );
