import { routes } from '@cricket/contract/routes';
import type { BikeRecord, BikeSummary } from '@cricket/contract/shapes';
import { CancelledError } from '@tanstack/react-query';

import { read } from './api';
import { keys, queryClient } from './queries';

/** How many bikes a phone keeps for a day without network: the latest. */
const most = 40;

/** Not asked for again within this time. */
const freshMs = 10 * 60_000;

/**
 * Fetches what the stand needs before the network is gone: the records of the bikes in the shop, catalogue, stores,
 * settings and minutes. One after another, so that it never stands in the way of what a person asks for.
 */
export async function keepAtHand(): Promise<void> {
  const lists = [
    [keys.bikes, routes.bikes],
    [keys.wheels, routes.wheels],
    [keys.stores, routes.stores],
    [keys.settings, routes.settings],
    [keys.stepMinutes, routes.stepMinutes],
    [keys.people, routes.people],
  ] as const;
  for (const [queryKey, path] of lists) await keep(queryKey, path);
  const bikes = queryClient.getQueryData<BikeSummary[]>(keys.bikes) ?? [];
  for (const { bike } of bikes.slice(0, most)) await keep<BikeRecord>(keys.bike(bike.id), routes.bike(bike.id));
}

/** A failure is the network's: what is kept from before stays. What was called off, since it changed meanwhile, is asked for again. */
async function keep<T>(queryKey: readonly string[], path: string, triesLeft = 5): Promise<void> {
  try {
    await queryClient.fetchQuery({
      queryKey,
      queryFn: ({ signal }) => read<T>(path, signal),
      staleTime: freshMs,
      retry: false,
    });
  } catch (error) {
    if (error instanceof CancelledError && triesLeft > 0) await keep<T>(queryKey, path, triesLeft - 1);
  }
}
