import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import type { EndState, Workshop } from '@cricket/core/next-action';
import { useEffect, useState } from 'react';

import { fitWorker } from '../workers/fit-worker';
import { coreRecord } from '@cricket/contract/core-record';

/**
 * The state of each given end, worked out in the worker: a fit takes longer than a frame on a phone, and the page need
 * not load what works it out. The last answer stays on the page until the new one is there.
 */
export function useEndStates(
  record: BikeRecord | null,
  ends: readonly End[],
  workshop: Workshop,
): Partial<Record<End, EndState>> | null {
  const wanted = ends.join(' ');
  const [states, setStates] = useState<Partial<Record<End, EndState>> | null>(null);
  useEffect(() => {
    if (!record) return undefined;
    let stale = false;
    const core = coreRecord(record);
    const asked = (wanted.split(' ') as End[]).map(
      async (end) => [end, await fitWorker().endState(core, end, workshop)] as const,
    );
    void Promise.all(asked).then((answers) => {
      if (!stale) setStates(Object.fromEntries(answers));
    });
    return () => {
      stale = true;
    };
  }, [record, wanted, workshop]);
  return states;
}
