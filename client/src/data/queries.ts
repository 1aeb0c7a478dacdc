import { QueryClient } from '@tanstack/react-query';

import { UnreachableError } from './api';

/** Names of what is kept in the query cache. */
export const keys = {
  shop: ['shop'] as const,
  bikes: ['bikes'] as const,
  foundBikes: (text: string) => ['bikes', text] as const,
  bike: (bikeId: string) => ['bike', bikeId] as const,
  wheels: ['wheels'] as const,
  stores: ['stores'] as const,
  settings: ['settings'] as const,
  session: ['session'] as const,
  people: ['people'] as const,
  stepMinutes: ['step-minutes'] as const,
};

/**
 * When this page began, by the clock that answers are stamped with. The page's own `timeOrigin` lags behind it once the phone has
 * slept: what was kept before would then count as asked for by this page, and nobody would ask anew who is at the phone.
 */
export const pageBeganAt = Date.now();

const day = 24 * 60 * 60 * 1000;

/** The query cache. What was read once stays readable without the network for a week. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      // The browser's own idea of being online says nothing about our server.
      networkMode: 'always',
      staleTime: 5_000,
      gcTime: 7 * day,
      retry: (failures, error) => error instanceof UnreachableError && failures < 2,
    },
  },
});

/** How long the cache is kept in the browser. */
export const keptForMs = 7 * day;
