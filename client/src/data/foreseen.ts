import type { BikeRecord } from '@cricket/contract/shapes';
import { replaceEqualDeep } from '@tanstack/react-query';

import { applyWrite, concerns } from './apply-write';
import type { PendingWrite } from './outbox-store';

const last = new Map<string, BikeRecord | null>();

/**
 * A bike's record as it will be once everything that waits is stored. As long as it says the same it is the same object: an
 * entry that has gone out leaves what waits and is in what is stored, and nothing is worked out anew for that.
 *
 * @param stored - what the server last told; null when it knows nothing of the bike
 */
export function foreseen(
  bikeId: string,
  stored: BikeRecord | null,
  writes: readonly PendingWrite[],
): BikeRecord | null {
  const record = writes.filter((write) => concerns(write, bikeId)).reduce<BikeRecord | null>(applyWrite, stored);
  const same = replaceEqualDeep(last.get(bikeId) ?? null, record) as BikeRecord | null;
  last.set(bikeId, same);
  return same;
}
