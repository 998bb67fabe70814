import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, unwrap } from '../../api/client';
import { Problem } from '../../api/problem';
import { useTray } from '../../api/queries';
import type { TrayView } from '../../api/types';
import { kitchenNow } from '../../clock/kitchenClock';
import { draftFrom } from './draft/draftFrom';
import { requestFrom } from './draft/requestFrom';
import type { TrayDraft } from './draft/trayDraft';

const PAUSE_MS = 120;
const RETRY_MS = 2000;

/**
 * The tray being edited: each change is shown at once and saved a moment later, one save at a time. What the server
 * refuses stays in the draft with the reason, and the last good answer stays on screen.
 */
export function useTrayDraft() {
  const queries = useQueryClient();
  const tray = useTray();
  const [draft, setDraft] = useState<TrayDraft | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [saving, setSaving] = useState(false);
  const unsaved = useRef<TrayDraft | null>(null);
  const shown = useRef('');
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const busy = useRef(false);
  const id = tray.data?.id;

  const save = useCallback(async () => {
    const sent = unsaved.current;
    if (!sent || busy.current || id === undefined) return;
    busy.current = true;
    try {
      const body = requestFrom(sent, kitchenNow());
      const view = await unwrap(api.PUT('/api/trays/{id}', { params: { path: { id } }, body }));
      shown.current = keyOf(view);
      queries.setQueryData(['tray'], view);
      setProblem(null);
      if (unsaved.current === sent) unsaved.current = null;
      // The server has laid the new pieces; what was typed meanwhile stays.
      setDraft((now) => now && { ...now, spots: view.plan.spots });
    } catch (refused) {
      if (!(refused instanceof Problem)) throw refused;
      setProblem(refused);
      const unreachable = refused.status === 0 || refused.status >= 500;
      if (unreachable) timer.current = setTimeout(() => void save(), RETRY_MS);
      else if (unsaved.current === sent) unsaved.current = null;
    } finally {
      busy.current = false;
      const newer = unsaved.current && unsaved.current !== sent;
      if (newer) void save();
      else setSaving(false);
    }
  }, [queries, id]);

  const show = useCallback(
    (view: TrayView) => {
      shown.current = keyOf(view);
      unsaved.current = null;
      clearTimeout(timer.current);
      queries.setQueryData(['tray'], view);
      setDraft(draftFrom(view.plan, view.eatAtHasPassed, kitchenNow()));
      setProblem(null);
    },
    [queries],
  );

  // Another screen saved a newer tray, and nothing typed here is waiting: show that one.
  useEffect(() => {
    if (tray.data && keyOf(tray.data) !== shown.current && !unsaved.current) {
      shown.current = keyOf(tray.data);
      setDraft(draftFrom(tray.data.plan, tray.data.eatAtHasPassed, kitchenNow()));
      setProblem(null);
    }
  }, [tray.data]);

  useEffect(() => () => clearTimeout(timer.current), []);

  const change = useCallback(
    (next: TrayDraft) => {
      setDraft(next);
      setSaving(true);
      unsaved.current = next;
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void save(), PAUSE_MS);
    },
    [save],
  );

  return { draft, change, show, problem, saving, view: tray.data, failed: tray.isError };
}

const keyOf = (view: TrayView) => `${view.id} ${view.version}`;
