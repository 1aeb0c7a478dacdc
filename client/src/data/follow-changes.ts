import { routes } from '@cricket/contract/routes';
import type { QueryClient, QueryKey } from '@tanstack/react-query';

import { isOwnWrite } from './own-writes';
import { keys } from './queries';
import { everything, readAnew } from './read-anew';

/** What is read anew when a subject has changed. */
export function staleBy(subject: string): QueryKey[] {
  if (subject.startsWith('bike:')) return [keys.bike(subject.slice('bike:'.length)), keys.bikes];
  switch (subject) {
    case 'wheels':
      return [keys.wheels, keys.bikes];
    case 'stores':
      return [keys.stores, keys.bikes];
    case 'settings':
      return [keys.settings, keys.bikes];
    case 'people':
      return [keys.people, keys.session];
    default:
      return [];
  }
}

/**
 * Reads anew what others change while the page is looked at, as the server tells it. A page that nobody looks at listens to
 * nothing; what it missed it reads when it is looked at again.
 *
 * @returns ends it
 */
export function followChanges(client: QueryClient): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  let source: EventSource | null = null;
  let hasListened = false;
  const readAllAnew = () => readAnew(client, [everything]);

  const listen = () => {
    if (source) return;
    source = new EventSource(routes.changes);
    // The first time everything was read just now; later there was a gap.
    source.addEventListener('hello', () => {
      if (hasListened) readAllAnew();
      hasListened = true;
    });
    source.addEventListener('missed', readAllAnew);
    source.addEventListener('change', ({ data }: MessageEvent<string>) => {
      const { subject, writeId } = JSON.parse(data) as { subject: string; writeId: string };
      if (isOwnWrite(writeId)) return;
      readAnew(client, staleBy(subject));
    });
  };
  const leave = () => {
    source?.close();
    source = null;
  };
  const look = () => (document.visibilityState === 'visible' ? listen() : leave());
  document.addEventListener('visibilitychange', look);
  look();
  return () => {
    document.removeEventListener('visibilitychange', look);
    leave();
  };
}
