import { openDB, type DBSchema } from 'idb';

import type { PendingWrite } from './pending-write';
import { upcastWrite } from './upcast-write';

export type { PendingWrite, WriteAbout } from './pending-write';

interface OutboxSchema extends DBSchema {
  writes: { key: number; value: PendingWrite };
}

/** Where pending writes survive a closed tab. */
export interface OutboxStore {
  all(): Promise<PendingWrite[]>;
  /** Keeps a new write and gives back its place in the order. */
  add(write: Omit<PendingWrite, 'seq'>): Promise<number>;
  put(write: PendingWrite): Promise<void>;
  remove(seq: number): Promise<void>;
  /** False when the browser keeps nothing (private window, full disk): writes then live in memory only. */
  readonly durable: boolean;
}

/** Opens the outbox in IndexedDB; falls back to memory where the browser has none. */
export async function openOutboxStore(): Promise<OutboxStore> {
  try {
    const database = await openDB<OutboxSchema>('cricket-outbox', 1, {
      upgrade(opened) {
        opened.createObjectStore('writes', { keyPath: 'seq', autoIncrement: true });
      },
    });
    await bringUp(database);
    return overDatabase(database);
  } catch {
    return inMemory();
  }
}

/** What an earlier version of the app has left is kept from now on as this one would. */
export async function bringUp(database: WriteTable): Promise<void> {
  for (const write of await database.getAll('writes')) {
    const now = upcastWrite(write);
    if (now !== write) await database.put('writes', now);
  }
}

/**
 * What does not fit on a full disk is held in memory, after everything kept: nothing is refused for want of room, and the
 * page says that it must stay open.
 */
export function overDatabase(database: WriteTable): OutboxStore {
  const spilled = inMemory(spilledFrom);
  let full = false;
  return {
    get durable() {
      return !full;
    },
    all: async () => [...(await database.getAll('writes')), ...(await spilled.all())],
    add: async (write) => {
      if (!full) {
        try {
          return await database.add('writes', write as PendingWrite);
        } catch (error) {
          if ((error as { name?: string }).name !== 'QuotaExceededError') throw error;
          full = true;
        }
      }
      // Later ones too, so that the order stays.
      return spilled.add(write);
    },
    put: async (write) => {
      if (write.seq >= spilledFrom) return spilled.put(write);
      await database.put('writes', write);
    },
    remove: async (seq) => {
      if (seq >= spilledFrom) await spilled.remove(seq);
      else await database.delete('writes', seq);
      // Room again once everything is sent.
      if (full && (await database.getAll('writes')).length + (await spilled.all()).length === 0) full = false;
    },
  };
}

/** Places in the order for what is held in memory only: behind everything that a database counts. */
const spilledFrom = 1_000_000_000;

/** As much of the database as the outbox asks. */
export interface WriteTable {
  getAll(table: 'writes'): Promise<PendingWrite[]>;
  add(table: 'writes', write: PendingWrite): Promise<number>;
  put(table: 'writes', write: PendingWrite): Promise<unknown>;
  delete(table: 'writes', seq: number): Promise<void>;
}

function inMemory(first = 1): OutboxStore {
  const writes = new Map<number, PendingWrite>();
  let next = first;
  return {
    durable: false,
    all: async () => [...writes.values()],
    add: async (write) => {
      writes.set(next, { ...write, seq: next });
      return next++;
    },
    put: async (write) => {
      writes.set(write.seq, write);
    },
    remove: async (seq) => {
      writes.delete(seq);
    },
  };
}
