import type { BikeRecord, StoreItem, Wheel } from '@cricket/contract/shapes';
import type { QueryKey } from '@tanstack/react-query';

import { applyWrite } from './apply-write';
import { noteStored } from './own-writes';
import { Outbox } from './outbox';
import type { PendingWrite, WriteAbout } from './outbox-store';
import { keys, queryClient } from './queries';
import { everything, readAnew } from './read-anew';

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('cricket-outbox');

/** The page's outbox. What the server has taken goes into the query cache at once, then is asked for anew. */
export const outbox = new Outbox({
  onStored: keep,
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
  // What is on hand and what is allowed decide what comes next for every bike.
  readAnew(queryClient, [...namesOf(about), keys.bikes], () => {
    if ('bikeId' in about) keepOfBike(write, about, answer);
    else keepOfShop(about, answer);
  });
}

/** What a write changes beside the list of bikes. */
function namesOf(about: WriteAbout): QueryKey[] {
  if ('bikeId' in about) return [keys.bike(about.bikeId)];
  switch (about.kind) {
    case 'settings':
      return [keys.settings];
    case 'wheel':
    case 'wheels-import':
      return [keys.wheels];
    default:
      return [keys.stores];
  }
}

function keepOfBike(write: PendingWrite, about: Extract<WriteAbout, { bikeId: string }>, answer: unknown): void {
  queryClient.setQueryData<BikeRecord>(keys.bike(about.bikeId), (record) => {
    if (wholeRecord.has(about.kind)) return answer as BikeRecord;
    if (record && about.kind === 'acceptance') {
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
  switch (about.kind) {
    case 'settings':
      queryClient.setQueryData(keys.settings, answer);
      return;
    case 'stores-import':
      queryClient.setQueryData(keys.stores, answer);
      return;
    case 'wheels-import':
      queryClient.setQueryData(keys.wheels, answer);
      return;
    default: {
      const key = about.kind === 'wheel' ? keys.wheels : keys.stores;
      queryClient.setQueryData<(StoreItem | Wheel)[]>(key, (items = []) =>
        about.kind === 'store-item-out'
          ? items.filter(({ id }) => id !== about.id)
          : replaced(items, answer as StoreItem | Wheel),
      );
    }
  }
}

function replaced<T extends { id: string }>(items: readonly T[], item: T): T[] {
  return [...items.filter(({ id }) => id !== item.id), item];
}
