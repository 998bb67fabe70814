/** From now on the page itself opens without the server, too; where a newer one was put in its place, that one is opened. */
export async function keepPages() {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  try {
    const { Workbox } = await import('workbox-window');
    const worker = new Workbox('/sw.js');
    worker.addEventListener('activated', (event) => {
      if (event.isUpdate || event.isExternal) location.reload();
    });
    await worker.register({ immediate: true });
  } catch {
    // Where it may not be kept, or the server went just now, all else is as before.
  }
}
