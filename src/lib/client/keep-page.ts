/** Asks the service worker to keep a page as it is on the server now, for when that can’t be reached. */
export async function keepForOffline(path: string): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const { active } = await navigator.serviceWorker.ready;
  active?.postMessage({ kind: 'keep', path });
}
