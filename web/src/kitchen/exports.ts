import { useQueryClient } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { useCommand } from '../api/command';
import type { TableRequest } from '../api/types';

/** The columns of a thermometer's export; nothing is stored. */
export const useLookAtTable = () =>
  useCommand((text: string) => unwrap(api.POST('/api/thermometers/table', { body: { text } })));

/** Reads an export into a running bake. */
export function useReadTable(bakeId: string) {
  const queries = useQueryClient();
  return useCommand(
    (table: TableRequest) =>
      unwrap(api.POST('/api/bakes/{id}/feed/table', { params: { path: { id: bakeId } }, body: table })),
    { onSuccess: () => queries.invalidateQueries({ queryKey: ['oven'] }) },
  );
}
