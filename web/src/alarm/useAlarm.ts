import { useEffect } from 'react';
import { RING_EVERY_MS, ringNotes } from './ring';
import { sound } from './sounding';
import { wishes } from './wishes';

const BUZZ_MS = [200, 100, 200];

/**
 * Rings for what is due until it is touched, louder each time; buzzes, says it in the title and on the badge, and where the cook
 * wants that, aloud and as a notice.
 *
 * @param due What is due, in words; null for nothing. Another one rings anew.
 */
export function useAlarm(due: string | null) {
  const { silent, spoken, notices } = wishes.use();

  useEffect(() => {
    if (due === null) return;
    const before = document.title;
    document.title = `● ${due}`;
    void navigator.setAppBadge?.(1).catch(() => undefined);
    return () => {
      document.title = before;
      void navigator.clearAppBadge?.().catch(() => undefined);
    };
  }, [due]);

  useEffect(() => {
    if (due === null || silent) return;
    let times = 0;
    const ring = () => {
      sound(ringNotes(times));
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

  useEffect(() => {
    if (due === null || silent) return;
    if (spoken) speak(due);
    if (notices) void notify(due);
  }, [due, silent, spoken, notices]);
}

export function speak(words: string) {
  window.speechSynthesis?.speak(new SpeechSynthesisUtterance(words));
}

/** Only while the page is out of sight: in sight it says so itself. */
async function notify(words: string) {
  if (document.visibilityState === 'visible' || !('Notification' in window) || Notification.permission !== 'granted')
    return;
  const worker = await navigator.serviceWorker?.getRegistration();
  // A phone shows notices of its worker only.
  if (worker) await worker.showNotification(words, { tag: 'due', icon: '/spoon-192.png', requireInteraction: true });
  else new Notification(words, { tag: 'due', icon: '/spoon-192.png' });
}

/** Asks the browser; false where it does not let the page. */
export async function mayNotify(): Promise<boolean> {
  return 'Notification' in window && (await Notification.requestPermission()) === 'granted';
}
