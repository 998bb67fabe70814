import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { commandHead, useCommand } from '../api/command';
import type { DinnerRequest, EveningRequest, EveningTask, EveningView } from '../api/types';
import { kitchenNow } from '../clock/kitchenClock';
import { freshest } from './freshest';

const key = ['evening'];

/** What is left of an evening changes with the clock, too: as often as this, and right when a task should begin or be over. */
const ASK_AGAIN_MS = 20_000;
const AFTER_A_MOMENT_MS = 200;

/** How long until it is worth asking again, ms. */
export function askAgainIn(tasks: readonly Pick<EveningTask, 'beginsAt' | 'endsAt'>[], nowMs: number): number {
  const waits = tasks.flatMap(({ beginsAt, endsAt }) => [Date.parse(beginsAt) - nowMs, Date.parse(endsAt) - nowMs]);
  return Math.min(ASK_AGAIN_MS, ...waits.filter((wait) => wait > 0).map((wait) => wait + AFTER_A_MOMENT_MS));
}

/**
 * The whole meal on the clock; its data is undefined until it is known.
 *
 * @param enabled Whether anybody asks.
 */
export const useEvening = (enabled = true) =>
  useQuery({
    queryKey: key,
    queryFn: ({ client }) =>
      freshest<EveningView>(
        client,
        key,
        () => unwrap(api.GET('/api/evening')),
        (view) => view.trayId,
      ),
    refetchInterval: ({ state }) => enabled && askAgainIn(state.data?.tasks ?? [], kitchenNow()),
    enabled,
  });

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

type Choice = EveningView['choice'];
export type Side = Choice['sides'][number];

/** What a hand changed, not what came of it: two quick taps are put together from what is stored then. */
export interface EveningChange extends Partial<Pick<Choice, 'cooks' | 'rings' | 'pace'>> {
  add?: Side;
  leaveOut?: Side['kind'];
  minutes?: Side;
}

/** What an evening is after a change. */
export function changedChoice({ done: _, away: __, ...now }: Choice, change: EveningChange): EveningRequest {
  const { add, leaveOut, minutes, ...rest } = change;
  const sides = now.sides
    .filter(({ kind }) => kind !== leaveOut && kind !== add?.kind)
    .map((side) => (side.kind === minutes?.kind ? minutes : side));
  return { ...now, ...rest, sides: add ? [...sides, add] : sides };
}

export const useSaveEvening = () =>
  useEveningChange((change: EveningChange, commandId, { trayId, version, choice }) =>
    unwrap(
      api.PUT('/api/evening/{trayId}', {
        params: { path: { trayId }, header: commandHead(commandId, version) },
        body: changedChoice(choice, change),
      }),
    ),
  );

export const useTickTask = () =>
  useEveningChange((body: { key: string; done: boolean }, commandId, { trayId }) =>
    unwrap(
      api.POST('/api/evening/{trayId}/done', { params: { path: { trayId }, header: commandHead(commandId) }, body }),
    ),
  );

/** When its cook is elsewhere, by a calendar of theirs; null for nobody is. */
export const useAway = () =>
  useEveningChange((text: string | null, commandId, { trayId }) => {
    const params = { path: { trayId }, header: commandHead(commandId) };
    return unwrap(
      text === null
        ? api.DELETE('/api/evening/{trayId}/calendar', { params })
        : api.POST('/api/evening/{trayId}/calendar', { params, body: { text } }),
    );
  });

export const useMoveDinner = () =>
  useEveningChange((body: DinnerRequest, commandId, { trayId }) =>
    unwrap(
      api.POST('/api/evening/{trayId}/dinner', {
        params: { path: { trayId }, header: commandHead(commandId) },
        body,
      }),
    ),
  );
