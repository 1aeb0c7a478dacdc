import type { ShopSettings, Wheel } from '@cricket/contract/shapes';
import { routes } from '@cricket/contract/routes';
import { usualHourlyRate } from '@cricket/core/job-cost';
import type { Workshop } from '@cricket/core/next-action';
import { storeItems, type StoreItem } from '@cricket/core/parts';
import type { LoggedMinutes } from '@cricket/core/procedure';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';

import { read } from './api';
import { withSettingsWrites } from './apply-shop-write';
import { keys } from './queries';
import { useStores, useWheels } from './use-bikes';
import { useOutbox } from './use-outbox';

/** What the workshop has set for itself, as the server last told. */
export const settingsQuery = queryOptions({
  queryKey: keys.settings,
  queryFn: ({ signal }) => read<ShopSettings>(routes.settings, signal),
});

/** What the workshop has set for itself: limits, tools, hourly rate, classes of vehicle; what waits is included. */
export function useShopSettings() {
  const query = useQuery(settingsQuery);
  const { writes } = useOutbox();
  const data = useMemo(() => query.data && withSettingsWrites(query.data, writes), [query.data, writes]);
  return { data, isPending: query.isPending, error: query.error, refetch: query.refetch };
}

/** What an hour of this shop's work costs. */
export function useHourlyRate(): number {
  return useShopSettings().data?.hourlyRate ?? usualHourlyRate;
}

/** The shop's own minutes, step by step: what fit and stand both reckon with. */
export function useStepMinutes(enabled = true) {
  return useQuery({
    queryKey: keys.stepMinutes,
    queryFn: ({ signal }) => read<Record<string, LoggedMinutes>>(routes.stepMinutes, signal),
    // One step more hardly moves them, but each new answer asks for every fit in view anew.
    staleTime: 600_000,
    enabled,
  });
}

const noWheels: readonly Wheel[] = [];
const noStores: readonly StoreItem[] = [];

/**
 * Everything of the workshop that a fit depends on; ready when all of it is known on this phone.
 *
 * @param wanted - false: nothing is asked of the server for it yet
 */
export function useWorkshop(wanted = true) {
  const wheels = useWheels(wanted);
  const stores = useStores(wanted);
  const settings = useShopSettings();
  const logged = useStepMinutes(wanted);
  const workshop = useMemo(
    (): Workshop & { wheels: readonly Wheel[]; stores: readonly StoreItem[] } => ({
      wheels: wheels.data ?? noWheels,
      stores: stores.data ? storeItems(stores.data) : noStores,
      ...(settings.data && { limits: settings.data.limits, tools: settings.data.tools }),
      ...(settings.data?.secondPerson && { secondPerson: settings.data.secondPerson }),
      ...(logged.data && { logged: logged.data }),
    }),
    [wheels.data, stores.data, settings.data, logged.data],
  );
  return {
    workshop,
    settings: settings.data ?? null,
    ready: wheels.data !== undefined && stores.data !== undefined && settings.data !== undefined,
    error: wheels.error ?? stores.error ?? settings.error,
    refetch: () => void Promise.all([wheels.refetch(), stores.refetch(), settings.refetch()]),
  };
}
