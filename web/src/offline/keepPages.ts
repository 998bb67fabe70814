/** From now on the page itself opens without the server, too; where a newer one was put in its place, that one is opened. */
export async function keepPages() {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  const { Workbox } = await import('workbox-window');
  const worker = new Workbox('/sw.js');
  worker.addEventListener('activated', (event) => {
    if (event.isUpdate || event.isExternal) location.reload();
  });
  // Where it may not be kept, it is as before.
  await worker.register({ immediate: true }).catch(() => undefined);
}
