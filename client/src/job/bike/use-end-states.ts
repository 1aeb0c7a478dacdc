import { coreRecord } from '@cricket/contract/core-record';
import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { isHandOver, type BikeRecord as CoreRecord, type EndState, type Workshop } from '@cricket/core/next-action';
import { replaceEqualDeep } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';

import { useWorked } from '../../workers/use-worked';

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
  const core = useDecisive(record);
  const wanted = ends.join(' ');
  const inputs = useMemo(() => core && [core, wanted, workshop], [core, wanted, workshop]);
  const { data, error, refetch } = useWorked('end-states', record?.bike.id ?? '', inputs, async (worker) => {
    const asked = ends.map(async (end) => [end, await worker.endState(core!, end, workshop)] as const);
    return Object.fromEntries(await Promise.all(asked)) as Partial<Record<End, EndState>>;
  });
  const again = useCallback(() => void refetch(), [refetch]);
  return { states: data ?? null, failed: error, again };
}

/**
 * What of a record a fit depends on, the same object as long as none of it changes: at the stand every step is written
 * down, and none of them but an override, or the hand-over that ends the job, asks for it anew.
 */
function useDecisive(record: BikeRecord | null): CoreRecord | null {
  const [decisive, setDecisive] = useState<CoreRecord | null>(null);
  const events =
    record?.events.filter((event) => event.kind === 'override' || event.kind === 'vouched' || isHandOver(event)) ?? [];
  const same = record ? replaceEqualDeep(decisive, coreRecord({ ...record, events, orders: [] })) : null;
  if (same !== decisive) setDecisive(same);
  return same;
}
