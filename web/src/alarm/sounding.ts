import { useSyncExternalStore } from 'react';
import { type Note, play } from './ring';

/**
 * A browser lets a page sound only after it was touched once: the first touch wakes it, wherever it is. Making it
 * takes the page some 50 ms, so it is done after the touch, and never between two keys typed into a field.
 */
let audio: AudioContext | null = null;
let canSound = false;
let touched = false;
const listeners = new Set<() => void>();

/** Long enough for what was touched to answer first. */
const AFTER_TOUCH_MS = 50;

function wake(event: Event) {
  if (event instanceof KeyboardEvent && isTyped(event.target)) return;
  if (audio) void audio.resume().then(told);
  else if (!touched) setTimeout(make, AFTER_TOUCH_MS);
  touched = true;
}

function make() {
  audio = new AudioContext();
  audio.addEventListener('statechange', told);
  void audio.resume().then(told);
}

const isTyped = (target: EventTarget | null) => target instanceof HTMLElement && target.matches('input, textarea');

function told() {
  const now = audio?.state === 'running';
  if (now === canSound) return;
  canSound = now;
  for (const tell of listeners) tell();
}

if (typeof window !== 'undefined') {
  // On the way down: a row that drags keeps the touch to itself on the way up.
  window.addEventListener('pointerdown', wake, { capture: true });
  window.addEventListener('keydown', wake, { capture: true });
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
