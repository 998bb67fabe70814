import { useEffect } from 'react';

/** Keeps the screen on while a bake runs, where the device lets it; asked for again when the page comes back into view. */
export function useScreenAwake(isWanted: boolean) {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const got = await navigator.wakeLock.request('screen');
        if (isOver) await got.release();
        else lock = got;
      } catch {
        // Refused, as on a low battery: the screen then goes dark as it always does.
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [isWanted]);
}
