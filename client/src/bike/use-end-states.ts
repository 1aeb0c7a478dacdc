import { coreRecord } from '@cricket/contract/core-record';
import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import type { BikeRecord as CoreRecord, EndState, Workshop } from '@cricket/core/next-action';
import { replaceEqualDeep } from '@tanstack/react-query';
import { useEffect, useState } from 'react';

import { fitWorker } from '../workers/fit-worker';

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
  const core = useDecisive(record);
  useEffect(() => {
    if (!core) return undefined;
    let stale = false;
    const asked = (wanted.split(' ') as End[]).map(
      async (end) => [end, await fitWorker().endState(core, end, workshop)] as const,
    );
    void Promise.all(asked).then((answers) => {
      if (!stale) setStates(Object.fromEntries(answers));
    });
    return () => {
      stale = true;
    };
  }, [core, wanted, workshop]);
  return states;
}

/**
 * What of a record a fit depends on, the same object as long as none of it changes: at the stand every step is written
 * down, and none of them but an override asks for a new fit.
 */
function useDecisive(record: BikeRecord | null): CoreRecord | null {
  const [decisive, setDecisive] = useState<CoreRecord | null>(null);
  const events = record?.events.filter(({ kind }) => kind === 'override') ?? [];
  const same = record ? replaceEqualDeep(decisive, coreRecord({ ...record, events })) : null;
  if (same !== decisive) setDecisive(same);
  return same;
}
