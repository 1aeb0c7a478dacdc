import type { StoreItem, Wheel } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';

import { useBike, useStores, useWheels } from '../data/use-bikes';
import { useEndStates } from './use-end-states';

const noWheels: Wheel[] = [];
const noStores: StoreItem[] = [];

/** A bike with the state of some of its ends, worked out here from what is known on this phone. */
export function useBikeEnds(bikeId: string, ends: readonly End[]) {
  const bike = useBike(bikeId);
  const wheels = useWheels();
  const stores = useStores();
  const ready = wheels.data !== undefined && stores.data !== undefined;
  const states = useEndStates(ready ? bike.record : null, ends, wheels.data ?? noWheels, stores.data ?? noStores);
  const failed = bike.error ?? (ready ? null : (wheels.error ?? stores.error));
  return {
    ...bike,
    wheels: wheels.data ?? noWheels,
    stores: stores.data ?? noStores,
    states,
    isPending: !failed && (bike.isPending || !ready || (bike.record !== null && states === null)),
    error: failed,
  };
}

/** A bike with the state of one end. */
export function useBikeEnd(bikeId: string, end: End) {
  const { states, ...bike } = useBikeEnds(bikeId, [end]);
  return { ...bike, state: states?.[end] ?? null };
}
