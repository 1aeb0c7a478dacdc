import type { BikeRecord, BikeSummary } from '@cricket/contract/shapes';
import type { Workshop } from '@cricket/core/next-action';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';

import { foreseen } from '../../data/foreseen';
import type { PendingWrite } from '../../data/outbox-store';
import { keys } from '../../data/queries';
import { useBikes } from '../../data/use-bikes';
import { useOutbox } from '../../data/use-outbox';
import { useWorkshop } from '../../data/use-workshop';
import { useWorked } from '../../workers/use-worked';

/** The list as the server told it, with what still waits here worked in; the bike touched last comes first. */
export function useTodayList(): BikeSummary[] {
  const bikes = useBikes();
  const { writes } = useOutbox();
  const client = useQueryClient();
  const touched = useMemo(
    () => waitingRecords(writes, (bikeId) => client.getQueryData<BikeRecord>(keys.bike(bikeId)) ?? null),
    // What the server told anew may hold what waited.
    // oxlint-disable-next-line react/exhaustive-deps
    [writes, client, bikes.data],
  );
  // With nothing on its way the first page needs the list and no more.
  const { workshop, ready } = useWorkshop(touched.length > 0);
  const mended = useSummaries(ready ? touched : none, workshop);
  return useMemo(() => {
    const told = bikes.data ?? [];
    const waiting = writes.filter(({ refused }) => !refused);
    const out = new Set(waiting.flatMap(({ about }) => (about.kind === 'bike-out' ? [about.bikeId] : [])));
    const still = new Set(touched.map(({ bike }) => bike.id));
    const known = new Set(told.map(({ bike }) => bike.id));
    const own = mended.filter(({ bike }) => still.has(bike.id));
    const fresh = own.filter(({ bike }) => !known.has(bike.id));
    const byId = new Map(own.map((row) => [row.bike.id, row]));
    const rows = [...told.map((row) => byId.get(row.bike.id) ?? row), ...fresh].filter(({ bike }) => !out.has(bike.id));
    return lastTouchedFirst(rows, lastTouched());
  }, [bikes.data, writes, touched, mended]);
}

const none: BikeRecord[] = [];

/** Bikes with something on the way to the server, as they will be once it is there. */
function waitingRecords(
  writes: readonly PendingWrite[],
  keptRecord: (bikeId: string) => BikeRecord | null,
): BikeRecord[] {
  const waiting = writes.filter(({ refused }) => !refused);
  const bikeIds = [...new Set(waiting.flatMap(({ about }) => ('bikeId' in about ? [about.bikeId] : [])))];
  const records = bikeIds.flatMap((bikeId) => {
    const record = foreseen(bikeId, keptRecord(bikeId), waiting);
    return record ? [record] : [];
  });
  return records.length ? records : none;
}

/** A row for each of these records, worked out in the worker; the last answer stays until the new one is there. */
function useSummaries(records: readonly BikeRecord[], workshop: Workshop): BikeSummary[] {
  // A bike that only this phone knows is missing from the list while this has failed; the console says why.
  const { data } = useWorked('summaries', '', records.length > 0 ? [workshop, ...records] : null, (worker) =>
    Promise.all(records.map((record) => worker.summarise(record, workshop))),
  );
  return data ?? noRows;
}

const noRows: BikeSummary[] = [];

const storageKey = 'cricket-last-bike';

/** Remembers which bike was taken up last on this phone. */
export function rememberBike(bikeId: string): void {
  try {
    localStorage.setItem(storageKey, bikeId);
  } catch {
    // Then the list keeps the server's order.
  }
}

function lastTouched(): string | null {
  try {
    return localStorage.getItem(storageKey);
  } catch {
    return null;
  }
}

function lastTouchedFirst(rows: BikeSummary[], bikeId: string | null): BikeSummary[] {
  return [...rows.filter(({ bike }) => bike.id === bikeId), ...rows.filter(({ bike }) => bike.id !== bikeId)];
}
