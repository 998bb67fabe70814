import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { api, unwrap } from '../../api/client';
import type { HouseholdView } from '../../api/types';
import { kitchenNow } from '../../clock/kitchenClock';
import { keeper } from '../../drafts/keptText';
import { useUnits } from '../../kitchen/household';
import { useTray } from '../../kitchen/queries';
import { usualUnits } from '../../words/units';
import { TrayEditing } from './draft/TrayEditing';

/** One for the page: it goes on saving while another station is shown. */
const editings = new WeakMap<QueryClient, TrayEditing>();

function editingOf(queries: QueryClient): TrayEditing {
  const known = editings.get(queries);
  if (known) return known;
  const made = new TrayEditing({
    save: (id, body, header) => unwrap(api.PUT('/api/trays/{id}', { params: { path: { id }, header }, body })),
    fetch: (id) => unwrap(api.GET('/api/trays/{id}', { params: { path: { id } } })),
    onView: (view) => queries.setQueryData(['tray'], view),
    now: kitchenNow,
    units: () => queries.getQueryData<HouseholdView>(['kitchen'])?.household ?? usualUnits,
    keeper,
  });
  editings.set(queries, made);
  return made;
}

/** The tray being edited; see {@link TrayEditing}. */
export function useTrayDraft() {
  const editing = editingOf(useQueryClient());
  const tray = useTray();
  const state = useSyncExternalStore(editing.subscribe, editing.snapshot);

  useEffect(() => {
    if (tray.data) editing.meet(tray.data);
  }, [tray.data, editing]);

  const units = useUnits();
  // biome-ignore lint/correctness/useExhaustiveDependencies: it reads the units itself, whenever they change.
  useEffect(() => editing.unitsChanged(), [units, editing]);

  return {
    ...state,
    change: editing.change,
    show: editing.show,
    decide: editing.decide,
    saving: ['sending', 'kept', 'asked'].includes(state.whereabouts),
    view: tray.data,
    failed: tray.isError,
  };
}
