import { useSyncExternalStore } from 'react';
import { type Note, play } from './ring';

/** A browser lets a page sound only after it was touched once: the first touch wakes it, wherever it is. */
let audio: AudioContext | null = null;
let canSound = false;
const listeners = new Set<() => void>();

function wake() {
  audio ??= new AudioContext();
  void audio.resume().then(() => {
    const now = audio?.state === 'running';
    if (now === canSound) return;
    canSound = now;
    for (const tell of listeners) tell();
  });
}

if (typeof window !== 'undefined') {
  window.addEventListener('pointerdown', wake);
  window.addEventListener('keydown', wake);
}

/** Whether it could be heard now. */
export const useCanSound = () =>
  useSyncExternalStore(
    (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    () => canSound,
  );

export function sound(notes: readonly Note[]) {
  if (audio?.state === 'running') play(audio, notes);
}
