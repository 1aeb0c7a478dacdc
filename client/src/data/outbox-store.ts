import type { Problem } from '@cricket/contract/problem';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

import type { WriteRequest } from './api';

/** A write that the server has not taken yet. */
export interface PendingWrite extends WriteRequest {
  /** Order in which it was made. */
  seq: number;
  /** What it is about, for the screen and for showing it before it is stored. */
  about: WriteAbout;
  madeAt: string;
  /** Set when the server refused it: it waits for a person. */
  refused: Problem | null;
}

export type WriteAbout =
  | { kind: 'bike-in' | 'bike-changed' | 'bike-out' | 'taken-in' | 'job-in'; bikeId: string }
  | {
      kind:
        | 'reading'
        | 'reading-withdrawn'
        | 'choice'
        | 'stack'
        | 'order'
        | 'event'
        | 'event-withdrawn'
        | 'photo'
        | 'photo-withdrawn';
      bikeId: string;
      id: string;
    }
  | { kind: 'store-item' | 'store-item-out' | 'wheel' | 'settings' | 'stores-import' | 'wheels-import'; id: string };

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
    return overDatabase(
      await openDB<OutboxSchema>('cricket-outbox', 1, {
        upgrade(database) {
          database.createObjectStore('writes', { keyPath: 'seq', autoIncrement: true });
        },
      }),
    );
  } catch {
    return inMemory();
  }
}

function overDatabase(database: IDBPDatabase<OutboxSchema>): OutboxStore {
  return {
    durable: true,
    all: () => database.getAll('writes'),
    add: (write) => database.add('writes', write as PendingWrite),
    put: async (write) => {
      await database.put('writes', write);
    },
    remove: (seq) => database.delete('writes', seq),
  };
}

function inMemory(): OutboxStore {
  const writes = new Map<number, PendingWrite>();
  let next = 1;
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
