import type { BikeRecord, StorePart, Wheel } from '@cricket/contract/shapes';
import type { Query, QueryKey } from '@tanstack/react-query';

import { applyWrite } from './apply-write';
import { changedBy } from './changed-by';
import { noteStored } from './own-writes';
import { Outbox } from './outbox';
import type { PendingWrite, WriteAbout } from './outbox-store';
import { keys, queryClient } from './queries';
import { everything, readAnew } from './read-anew';

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('cricket-outbox');

/** What the writes stored since the last look have changed. */
const changed = new Map<string, QueryKey>();

/** The page's outbox. What the server has taken goes into the query cache at once; it is asked for anew after the last. */
export const outbox = new Outbox({
  onStored: keep,
  onAllStored: () => {
    readAnew(queryClient, [...changed.values()]);
    changed.clear();
  },
  onChanged: () => channel?.postMessage('changed'),
});

if (channel) channel.onmessage = () => void outbox.reload().then(() => readAnew(queryClient, [everything]));
if (typeof window !== 'undefined') {
  window.addEventListener('online', outbox.tryNow);
  // The browser asks before it closes the page on something that nowhere is kept.
  window.addEventListener('beforeunload', (event) => {
    if (outbox.wouldLose()) event.preventDefault();
  });
}

/** Writes that the server answers with the whole record of the bike. */
const wholeRecord = new Set<WriteAbout['kind']>([
  'bike-in',
  'bike-changed',
  'bike-out',
  'bike-back',
  'taken-in',
  'job-in',
]);

function keep(write: PendingWrite, answer: unknown): void {
  const { about } = write;
  noteStored(write.writeId);
  const names = changedBy(about);
  for (const name of names) changed.set(name.join(' '), name);
  // An older answer would put back what was before. The first one is let in: better that than nothing until the last is sent.
  for (const queryKey of names) void queryClient.cancelQueries({ queryKey, predicate: isKnown });
  if ('bikeId' in about) keepOfBike(write, about, answer);
  else keepOfShop(about, answer);
}

const isKnown = ({ state }: Query) => state.data !== undefined;

function keepOfBike(write: PendingWrite, about: Extract<WriteAbout, { bikeId: string }>, answer: unknown): void {
  queryClient.setQueryData<BikeRecord>(keys.bike(about.bikeId), (record) => {
    if (wholeRecord.has(about.kind)) return answer as BikeRecord;
    if (record && (about.kind === 'acceptance' || about.kind === 'arrangement')) {
      return { ...record, acceptances: replaced(record.acceptances, answer as BikeRecord['acceptances'][number]) };
    }
    if (record && about.kind === 'order') {
      return { ...record, orders: replaced(record.orders, answer as BikeRecord['orders'][number]) };
    }
    if (record && about.kind === 'photo') {
      return { ...record, photos: replaced(record.photos, answer as BikeRecord['photos'][number]) };
    }
    return applyWrite(record ?? null, write) ?? undefined;
  });
}

function keepOfShop(about: Exclude<WriteAbout, { bikeId: string }>, answer: unknown): void {
  const [key] = changedBy(about);
  switch (about.kind) {
    case 'settings':
    case 'stores-import':
    case 'wheels-import':
      queryClient.setQueryData(key, answer);
      return;
    default:
      queryClient.setQueryData<(StorePart | Wheel)[]>(key, (items = []) =>
        about.kind === 'store-item-out'
          ? items.filter(({ id }) => id !== about.id)
          : replaced(items, answer as StorePart | Wheel),
      );
  }
}

function replaced<T extends { id: string }>(items: readonly T[], item: T): T[] {
  return [...items.filter(({ id }) => id !== item.id), item];
}
