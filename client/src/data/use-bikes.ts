import { bikesAtOnce, routes } from '@cricket/contract/routes';
import type { BikeRecord, BikeSummary, Shop, StorePart, Wheel } from '@cricket/contract/shapes';
import { queryOptions, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';

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

/**
 * The bikes that came in before those of the first page, newest first, a page at a time; nothing is asked for until somebody does.
 *
 * @param first - the first page as the server told it
 */
export function useOlderBikes(first: readonly BikeSummary[] | undefined) {
  const oldest = first?.length === bikesAtOnce ? first[0]!.bike : null;
  const [asked, setAsked] = useState(false);
  const query = useInfiniteQuery({
    queryKey: [...keys.bikes, 'older', oldest?.id],
    queryFn: ({ pageParam, signal }) => read<BikeSummary[]>(routes.olderBikes(pageParam!), signal),
    initialPageParam: oldest,
    getNextPageParam: (page) => (page.length === bikesAtOnce ? page[0]!.bike : undefined),
    enabled: asked && oldest !== null,
  });
  return {
    bikes: (query.data?.pages ?? []).flatMap((page) => [...page].reverse()),
    /** There may be more. */
    more: oldest !== null && (!query.data || query.hasNextPage),
    busy: query.isFetching,
    failed: query.isError,
    ask: () => (query.data || query.isError ? void query.fetchNextPage() : setAsked(true)),
  };
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
