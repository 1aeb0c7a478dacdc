import { useSyncExternalStore } from 'react';

const printQuery = 'print';

/** Whether the page is being put on paper: drawings are then light, whatever the theme. */
export function usePrinting(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia(printQuery).matches,
    () => false,
  );
}

function subscribe(listener: () => void): () => void {
  const query = window.matchMedia(printQuery);
  query.addEventListener('change', listener);
  return () => query.removeEventListener('change', listener);
}
