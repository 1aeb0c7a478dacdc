import type { End } from '@cricket/core/features';

import { useBike } from '../../data/use-bikes';
import { useWorkshop } from '../../data/use-workshop';
import { useEndStates } from './use-end-states';

/** A bike with the state of some of its ends, worked out here from what is known on this phone. */
export function useBikeEnds(bikeId: string, ends: readonly End[]) {
  const bike = useBike(bikeId);
  const { workshop, ready, error } = useWorkshop();
  const { states, failed: notWorkedOut, again } = useEndStates(ready ? bike.record : null, ends, workshop);
  const failed = bike.error ?? (ready ? notWorkedOut : error);
  return {
    ...bike,
    workshop,
    states,
    isPending: !failed && (bike.isPending || !ready || (bike.record !== null && states === null)),
    error: failed,
    refetch: () => {
      if (notWorkedOut) again();
      else void bike.refetch();
    },
  };
}

/** A bike with the state of one end. */
export function useBikeEnd(bikeId: string, end: End) {
  const { states, ...bike } = useBikeEnds(bikeId, [end]);
  return { ...bike, state: states?.[end] ?? null };
}
