/**
 * Registers the worker that opens the app without network, where the browser has one.
 *
 * @param onNewer - a newer version is there and waits; calling what it is given puts it to work and loads the page anew
 */
export function registerServiceWorker(onNewer: (takeOver: () => void) => void): void {
  const container = typeof navigator === 'undefined' ? undefined : navigator.serviceWorker;
  if (!container) return;
  let reloading = false;
  container.addEventListener('controllerchange', () => {
    // The first worker takes over a page that needs no loading; only a newer one asks for it.
    if (reloading) window.location.reload();
  });
  const offer = (worker: ServiceWorker) =>
    onNewer(() => {
      reloading = true;
      worker.postMessage({ type: 'SKIP_WAITING' });
    });
  container
    .register('/sw.js')
    .then((registration) => {
      if (registration.waiting && container.controller) offer(registration.waiting);
      registration.addEventListener('updatefound', () => {
        const worker = registration.installing;
        worker?.addEventListener('statechange', () => {
          if (worker.state === 'installed' && container.controller) offer(worker);
        });
      });
    })
    // In a private window, or over plain HTTP from another machine: the app then works as long as its pages are open.
    .catch(() => undefined);
}
