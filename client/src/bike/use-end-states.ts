import { coreRecord } from '@cricket/contract/core-record';
import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { isHandOver, type BikeRecord as CoreRecord, type EndState, type Workshop } from '@cricket/core/next-action';
import { replaceEqualDeep } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';

import { askFitWorker } from '../workers/fit-worker';

export interface EndStates {
  /** Null until they are worked out, and when that has failed. */
  states: Partial<Record<End, EndState>> | null;
  /** Why the last attempt came to nothing. */
  failed: Error | null;
  /** Works them out anew. */
  again: () => void;
}

/**
 * The state of each given end, worked out in the worker: a fit takes longer than a frame on a phone, and the page need
 * not load what works it out. The last answer stays on the page until the new one is there.
 */
export function useEndStates(record: BikeRecord | null, ends: readonly End[], workshop: Workshop): EndStates {
  const wanted = ends.join(' ');
  const [states, setStates] = useState<Partial<Record<End, EndState>> | null>(null);
  const [failed, setFailed] = useState<Error | null>(null);
  const [attempt, setAttempt] = useState(0);
  const again = useCallback(() => setAttempt((last) => last + 1), []);
  const core = useDecisive(record);
  useEffect(() => {
    if (!core) return undefined;
    let stale = false;
    const asked = (wanted.split(' ') as End[]).map(
      async (end) => [end, await askFitWorker((worker) => worker.endState(core, end, workshop))] as const,
    );
    Promise.all(asked).then(
      (answers) => {
        if (stale) return;
        setFailed(null);
        setStates(Object.fromEntries(answers));
      },
      (error: unknown) => {
        console.error(error);
        if (stale) return;
        // An answer to what was known before would be taken for one to what is known now.
        setStates(null);
        setFailed(error instanceof Error ? error : new Error(String(error)));
      },
    );
    return () => {
      stale = true;
    };
  }, [core, wanted, workshop, attempt]);
  return { states, failed, again };
}

/**
 * What of a record a fit depends on, the same object as long as none of it changes: at the stand every step is written
 * down, and none of them but an override, or the hand-over that ends the job, asks for it anew.
 */
function useDecisive(record: BikeRecord | null): CoreRecord | null {
  const [decisive, setDecisive] = useState<CoreRecord | null>(null);
  const events =
    record?.events.filter((event) => event.kind === 'override' || event.kind === 'vouched' || isHandOver(event)) ?? [];
  const same = record ? replaceEqualDeep(decisive, coreRecord({ ...record, events })) : null;
  if (same !== decisive) setDecisive(same);
  return same;
}
