import type { BikeRecord, StoreItem, Wheel } from '@cricket/contract/shapes';

import { applyWrite } from './apply-write';
import { Outbox } from './outbox';
import type { PendingWrite } from './outbox-store';
import { keys, queryClient } from './queries';

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('cricket-outbox');

/** The page's outbox. What the server has taken goes into the query cache at once, then is asked for anew. */
export const outbox = new Outbox({
  onStored: (write, answer) => {
    keep(write, answer);
    channel?.postMessage('changed');
  },
});

if (channel) channel.onmessage = () => void outbox.reload().then(() => queryClient.invalidateQueries());
if (typeof window !== 'undefined') window.addEventListener('online', outbox.tryNow);

function keep(write: PendingWrite, answer: unknown): void {
  const { about } = write;
  if ('bikeId' in about) {
    const key = keys.bike(about.bikeId);
    const whole = about.kind === 'bike-in' || about.kind === 'bike-changed' || about.kind === 'bike-out';
    queryClient.setQueryData<BikeRecord>(key, (record) => {
      if (whole) return answer as BikeRecord;
      if (about.kind === 'stack' && record) {
        const others = record.stacks.filter(({ id }) => id !== about.id);
        return { ...record, stacks: [...others, answer as BikeRecord['stacks'][number]] };
      }
      return applyWrite(record ?? null, write) ?? undefined;
    });
    void queryClient.invalidateQueries({ queryKey: key });
    void queryClient.invalidateQueries({ queryKey: keys.bikes });
    return;
  }
  const key = about.kind === 'wheel' ? keys.wheels : keys.stores;
  queryClient.setQueryData<(StoreItem | Wheel)[]>(key, (items) => {
    const stored = answer as StoreItem | Wheel;
    const others = (items ?? []).filter(({ id }) => id !== about.id);
    return about.kind === 'store-item-out' ? others : [...others, stored];
  });
  void queryClient.invalidateQueries({ queryKey: key });
  // What is on hand decides what comes next for every bike.
  void queryClient.invalidateQueries({ queryKey: keys.bikes });
}
