import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { play, RING_EVERY_MS, ringNotes } from './ring';

const SILENT_KEY = 'amber.silent';
const BUZZ_MS = [200, 100, 200];

/** Whether the cook wants no sound on this device. */
const listeners = new Set<() => void>();

export function useSilent(): [boolean, (silent: boolean) => void] {
  const silent = useSyncExternalStore(
    (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    () => localStorage.getItem(SILENT_KEY) === 'yes',
  );
  const set = (next: boolean) => {
    localStorage.setItem(SILENT_KEY, next ? 'yes' : 'no');
    for (const tell of listeners) tell();
  };
  return [silent, set];
}

/**
 * Rings for what is due until it is touched, louder each time; buzzes, and says it in the title. A browser lets a page sound only
 * after it was touched once.
 *
 * @returns Whether it could be heard now.
 * @param due What is due, in words; null for nothing. Another one rings anew.
 */
export function useAlarm(due: string | null, silent: boolean): { canSound: boolean } {
  const audio = useRef<AudioContext | null>(null);
  const [canSound, setCanSound] = useState(false);

  useEffect(() => {
    const wake = () => {
      audio.current ??= new AudioContext();
      void audio.current.resume().then(() => setCanSound(audio.current?.state === 'running'));
    };
    window.addEventListener('pointerdown', wake);
    window.addEventListener('keydown', wake);
    return () => {
      window.removeEventListener('pointerdown', wake);
      window.removeEventListener('keydown', wake);
    };
  }, []);

  useEffect(() => {
    const before = document.title;
    if (due === null) return;
    document.title = `● ${due}`;
    return () => {
      document.title = before;
    };
  }, [due]);

  useEffect(() => {
    if (due === null || silent) return;
    let times = 0;
    const ring = () => {
      if (audio.current?.state === 'running') play(audio.current, ringNotes(times));
      // Only what a finger has touched may buzz.
      if (navigator.userActivation?.hasBeenActive) navigator.vibrate?.(BUZZ_MS);
      times++;
    };
    ring();
    const timer = setInterval(ring, RING_EVERY_MS);
    const hush = () => clearInterval(timer);
    window.addEventListener('pointerdown', hush);
    window.addEventListener('keydown', hush);
    return () => {
      hush();
      window.removeEventListener('pointerdown', hush);
      window.removeEventListener('keydown', hush);
    };
  }, [due, silent]);

  return { canSound };
}
