import type { BikeRecord, BikeSummary } from '@cricket/contract/shapes';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';

import { summariseBike } from '../bike/bike-state';
import { applyWrite, concerns } from '../data/apply-write';
import { keys } from '../data/queries';
import { useBikes } from '../data/use-bikes';
import { useOutbox } from '../data/use-outbox';
import { useWorkshop } from '../data/use-workshop';

/** The list as the server told it, with what still waits here worked in; the bike touched last comes first. */
export function useTodayList(): BikeSummary[] {
  const bikes = useBikes();
  const { workshop } = useWorkshop();
  const { writes } = useOutbox();
  const client = useQueryClient();
  return useMemo(() => {
    const told = bikes.data ?? [];
    const waiting = writes.filter(({ refused }) => !refused);
    const touched = [...new Set(waiting.flatMap((write) => ('bikeId' in write.about ? [write.about.bikeId] : [])))];
    const out = new Set(waiting.flatMap(({ about }) => (about.kind === 'bike-out' ? [about.bikeId] : [])));
    const mended = new Map(
      touched.flatMap((bikeId) => {
        const kept = client.getQueryData<BikeRecord>(keys.bike(bikeId)) ?? null;
        const record = waiting.filter((write) => concerns(write, bikeId)).reduce<BikeRecord | null>(applyWrite, kept);
        return record ? [[bikeId, summariseBike(record, workshop)] as const] : [];
      }),
    );
    const known = new Set(told.map(({ bike }) => bike.id));
    const fresh = [...mended.values()].filter(({ bike }) => !known.has(bike.id));
    const rows = [...told.map((row) => mended.get(row.bike.id) ?? row), ...fresh].filter(
      ({ bike }) => !out.has(bike.id),
    );
    return lastTouchedFirst(rows, lastTouched());
  }, [bikes.data, workshop, writes, client]);
}

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
