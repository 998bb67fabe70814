import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, unwrap } from '../../api/client';
import { Problem } from '../../api/problem';
import { useTray } from '../../api/queries';
import { kitchenNow } from '../../clock/kitchenClock';
import { draftFrom, requestFrom, type TrayDraft } from './trayDraft';

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
  const shownVersion = useRef(-1);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const busy = useRef(false);

  const save = useCallback(async () => {
    const sent = unsaved.current;
    if (!sent || busy.current) return;
    busy.current = true;
    try {
      const view = await unwrap(api.PUT('/api/tray', { body: requestFrom(sent, kitchenNow()) }));
      shownVersion.current = view.version;
      queries.setQueryData(['tray'], view);
      setProblem(null);
      if (unsaved.current === sent) unsaved.current = null;
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
  }, [queries]);

  // Another screen saved a newer tray, and nothing typed here is waiting: show that one.
  useEffect(() => {
    if (tray.data && tray.data.version !== shownVersion.current && !unsaved.current) {
      shownVersion.current = tray.data.version;
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

  return { draft, change, problem, saving, view: tray.data, failed: tray.isError };
}
