import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { openDB } from 'idb';

/** Keeps the query cache in IndexedDB, so that a page without network still has the bikes. */
export const persister = createAsyncStoragePersister({
  storage: {
    getItem: async (key: string) => (await database()).get('cache', key) as Promise<string | undefined>,
    setItem: async (key: string, value: string) => {
      await (await database()).put('cache', value, key);
    },
    removeItem: async (key: string) => (await database()).delete('cache', key),
  },
  key: 'queries-3',
  throttleTime: 100,
});

let opened: ReturnType<typeof open> | undefined;

function open() {
  return openDB('cricket-cache', 1, {
    upgrade(db) {
      db.createObjectStore('cache');
    },
  });
}

function database() {
  return (opened ??= open());
}

// Opened beside the first render, not after it: what is kept is wanted as soon as it stands.
if (typeof indexedDB !== 'undefined') void database().catch(() => undefined);
