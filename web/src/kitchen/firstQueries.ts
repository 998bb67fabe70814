import { type QueryClient, queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import type { TrayView } from '../api/types';
import { freshest } from './freshest';

export const choicesQuery = queryOptions({
  queryKey: ['choices'],
  queryFn: () => unwrap(api.GET('/api/choices')),
});

export const trayQuery = queryOptions({
  queryKey: ['tray'],
  queryFn: ({ client }) =>
    freshest<TrayView>(
      client,
      ['tray'],
      () => unwrap(api.GET('/api/tray')),
      (view) => view.id,
    ),
});

/** Asks for what the Tray is drawn from while its scripts are still on their way. */
export function fetchAhead(queries: QueryClient) {
  void queries.prefetchQuery(trayQuery);
  void queries.prefetchQuery(choicesQuery);
}
