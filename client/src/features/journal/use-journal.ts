import { journalAtOnce, routes } from '@cricket/contract/routes';
import type { JournalRow } from '@cricket/contract/shapes';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useEffect } from 'react';

import { read } from '../../data/api';
import { keys } from '../../data/queries';

/**
 * What was written about one bike, oldest first: the newest page of it, and those before as they are asked for.
 *
 * @param whole - everything is wanted, since somebody looks for something in it
 */
export function useJournal(bikeId: string, whole: boolean) {
  const query = useInfiniteQuery({
    queryKey: [...keys.bike(bikeId), 'journal-pages'],
    queryFn: ({ pageParam, signal }) => read<JournalRow[]>(routes.bikeJournal(bikeId, pageParam), signal),
    initialPageParam: null as JournalRow | null,
    getNextPageParam: (page) => (page.length === journalAtOnce ? page[0] : undefined),
  });
  const { data, hasNextPage, isFetching, isError, isFetchNextPageError, fetchNextPage } = query;
  useEffect(() => {
    if (whole && hasNextPage && !isFetching && !isFetchNextPageError) void fetchNextPage();
  }, [whole, hasNextPage, isFetching, isFetchNextPageError, fetchNextPage]);
  return {
    rows: data && inOrder(data.pages),
    isPending: query.isPending,
    /** What was asked for could not be fetched: nothing at all, or what was before. */
    hasFailed: isFetchNextPageError || (isError && !data),
    /** Rows before these are at the server. */
    hasOlder: hasNextPage,
    isFetchingOlder: query.isFetchingNextPage,
    older: () => void fetchNextPage(),
    refetch: query.refetch,
    retry: () => void (data ? fetchNextPage() : query.refetch()),
    /** Fetches what is missing and gives back all of it; null where the server cannot be reached. */
    all: async (): Promise<JournalRow[] | null> => {
      let now: Pick<typeof query, 'data' | 'hasNextPage' | 'isError'> = query;
      while (now.hasNextPage) {
        now = await fetchNextPage();
        if (now.isError) return null;
      }
      return now.data ? inOrder(now.data.pages) : null;
    },
  };
}

/** The newest page is the first one. */
const inOrder = (pages: readonly JournalRow[][]) => [...pages].reverse().flat();
