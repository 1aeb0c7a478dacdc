import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import type { EndState, Workshop } from '@cricket/core/next-action';
import { useEffect, useMemo, useState } from 'react';

import { fitWorker } from '../workers/fit-worker';
import { coreRecord, stateOfEnd } from './bike-state';

/** Stores with more lines than this are searched in the worker: below it the answer is there within a frame. */
const linesOnPage = 40;

/**
 * The state of each given end. Small stores are searched at once; large ones in a worker, and the last answer stays on
 * the page until the new one is there.
 */
export function useEndStates(
  record: BikeRecord | null,
  ends: readonly End[],
  workshop: Workshop,
): Partial<Record<End, EndState>> | null {
  const large = workshop.stores.length > linesOnPage;
  const wanted = ends.join(' ');
  const atOnce = useMemo(() => {
    if (!record || large) return null;
    return Object.fromEntries((wanted.split(' ') as End[]).map((end) => [end, stateOfEnd(record, end, workshop)]));
  }, [record, large, wanted, workshop]);
  const [later, setLater] = useState<Partial<Record<End, EndState>> | null>(null);
  useEffect(() => {
    if (!record || !large) return undefined;
    let stale = false;
    const core = coreRecord(record);
    const asked = (wanted.split(' ') as End[]).map(
      async (end) => [end, await fitWorker().endState(core, end, workshop)] as const,
    );
    void Promise.all(asked).then((answers) => {
      if (!stale) setLater(Object.fromEntries(answers));
    });
    return () => {
      stale = true;
    };
  }, [record, large, wanted, workshop]);
  return large ? later : atOnce;
}
