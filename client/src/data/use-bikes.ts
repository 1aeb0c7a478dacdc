import { routes } from '@cricket/contract/routes';
import type { BikeRecord, BikeSummary, Shop, StorePart, Wheel } from '@cricket/contract/shapes';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';

import { read } from './api';
import { withStoreWrites, withWheelWrites } from './apply-shop-write';
import { foreseen } from './foreseen';
import { keys } from './queries';
import { useOutbox } from './use-outbox';

/** Which shop this is. */
export function useShop() {
  return useQuery({
    queryKey: keys.shop,
    queryFn: ({ signal }) => read<Shop>(routes.shop, signal),
    staleTime: Infinity,
  });
}

/** The bikes in the shop as the server last told, each with its next action. */
export const bikesQuery = queryOptions({
  queryKey: keys.bikes,
  queryFn: ({ signal }) => read<BikeSummary[]>(routes.bikes, signal),
});

export function useBikes() {
  return useQuery(bikesQuery);
}

/** Bikes in the shop whose tag or name holds a text; nothing is asked for under two characters. */
export function useFoundBikes(text: string) {
  const search = text.trim();
  return useQuery({
    queryKey: keys.foundBikes(search),
    queryFn: ({ signal }) => read<BikeSummary[]>(`${routes.bikes}?search=${encodeURIComponent(search)}`, signal),
    enabled: search.length >= 2,
  });
}

/** The catalogue of motor wheels, what waits for the server included. */
export function useWheels(enabled = true) {
  const query = useQuery({
    queryKey: keys.wheels,
    queryFn: ({ signal }) => read<Wheel[]>(routes.wheels, signal),
    enabled,
  });
  const { writes } = useOutbox();
  const data = useMemo(() => query.data && withWheelWrites(query.data, writes), [query.data, writes]);
  return { data, isPending: query.isPending, error: query.error, refetch: query.refetch };
}

/** What is on hand, what waits for the server included. */
export function useStores(enabled = true) {
  const query = useQuery({
    queryKey: keys.stores,
    queryFn: ({ signal }) => read<StorePart[]>(routes.stores, signal),
    enabled,
  });
  const { writes } = useOutbox();
  const data = useMemo(() => query.data && withStoreWrites(query.data, writes), [query.data, writes]);
  return { data, isPending: query.isPending, error: query.error, refetch: query.refetch };
}

/** One bike with everything known of it, what waits for the server included. */
export function useBike(bikeId: string) {
  const query = useQuery({
    queryKey: keys.bike(bikeId),
    queryFn: ({ signal }) => read<BikeRecord>(routes.bike(bikeId), signal),
  });
  const { writes, ready } = useOutbox();
  const stored = query.data ?? null;
  const record = useMemo(() => foreseen(bikeId, stored, writes), [writes, stored, bikeId]);
  return {
    record,
    isPending: (query.isPending || !ready) && !record,
    error: record ? null : query.error,
    refetch: query.refetch,
  };
}
