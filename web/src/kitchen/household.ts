import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { api, unwrap } from '../api/client';
import { commandHead, useCommand } from '../api/command';
import type { Household, HouseholdRequest, HouseholdView } from '../api/types';
import { changed } from '../words/household';
import { type Units, usualUnits } from '../words/units';

const key = ['kitchen'];

/** What is said once of the kitchen; undefined until it is known. */
export const useHousehold = (): HouseholdView | undefined =>
  useQuery({ queryKey: key, queryFn: () => unwrap(api.GET('/api/kitchen')) }).data;

/** What everything is asked and shown in. */
export function useUnits(): Units {
  const household = useHousehold()?.household;
  const { temperature, mass, length } = household ?? usualUnits;
  return useMemo(() => ({ temperature, mass, length }), [temperature, mass, length]);
}

/** Changes the kitchen, one change after another, each from what the last one led to: a quick hand is not held up. */
export function useSaveHousehold() {
  const queries = useQueryClient();
  return useCommand(
    (change: Partial<Household>, commandId) => {
      const view = queries.getQueryData<HouseholdView>(key);
      if (!view) throw new Error('Nobody can change a kitchen that is not shown.');
      const header = commandHead(commandId, view.version);
      return unwrap(api.PUT('/api/kitchen', { params: { header }, body: requestOf(changed(view.household, change)) }));
    },
    { scope: 'kitchen', onSuccess: (view: HouseholdView) => queries.setQueryData(key, view) },
  );
}

/** A stored kitchen as it is sent back. */
const requestOf = ({ isSaid: _, ...household }: Household): HouseholdRequest => household;
