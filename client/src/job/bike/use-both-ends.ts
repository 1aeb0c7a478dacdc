import { coreRecord } from '@cricket/contract/core-record';
import type { End } from '@cricket/core/features';
import { nextOfJob } from '@cricket/core/job';
import type { EndState } from '@cricket/core/next-action';
import { useGlobalSearchParams } from 'expo-router';
import { useMemo } from 'react';

import { activeEnd } from '@cricket/core/choices';
import { useBikeEnds } from './use-bike-end';

const bothEnds: readonly End[] = ['front', 'rear'];

/** A bike with the state of both ends, the end in hand (the one in the address, else the one worked at last), and what comes next there. */
export function useBothEnds(bikeId: string) {
  const { end: inAddress } = useGlobalSearchParams<{ end?: string }>();
  const { states, ...bike } = useBikeEnds(bikeId, bothEnds);
  const end: End =
    inAddress === 'front' || inAddress === 'rear' ? inAddress : bike.record ? activeEnd(bike.record) : 'front';
  const both =
    states?.front && states.rear ? ({ front: states.front, rear: states.rear } satisfies Record<End, EndState>) : null;
  const { record, workshop } = bike;
  const here = both?.[end] ?? null;
  const other = both?.[end === 'front' ? 'rear' : 'front'] ?? null;
  const next = useMemo(
    () => (record && here ? nextOfJob(coreRecord(record), here, workshop, other) : null),
    [record, here, other, workshop],
  );
  return { ...bike, states: both, end, next };
}
