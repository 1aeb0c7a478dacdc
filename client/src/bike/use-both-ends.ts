import type { End } from '@cricket/core/features';
import type { EndState } from '@cricket/core/next-action';
import { useGlobalSearchParams } from 'expo-router';

import { activeEnd } from '@cricket/core/choices';
import { useBikeEnds } from './use-bike-end';

const bothEnds: readonly End[] = ['front', 'rear'];

/** A bike with the state of both ends, and the end in hand: the one in the address, else the one worked at last. */
export function useBothEnds(bikeId: string) {
  const { end: inAddress } = useGlobalSearchParams<{ end?: string }>();
  const { states, ...bike } = useBikeEnds(bikeId, bothEnds);
  const end: End =
    inAddress === 'front' || inAddress === 'rear' ? inAddress : bike.record ? activeEnd(bike.record) : 'front';
  const both =
    states?.front && states.rear ? ({ front: states.front, rear: states.rear } satisfies Record<End, EndState>) : null;
  return { ...bike, states: both, end };
}
