import type { NewStack } from '@cricket/contract';
import type { Problem } from '@cricket/contract/problem';
import type { Stack } from '@cricket/core/axle-stack';
import { axleAt, type End } from '@cricket/core/model';
import { useRef, useState } from 'react';

import { now } from '../../data/clock';
import { outbox } from '../../data/shared-outbox';
import { useWrites } from '../../data/use-writes';

/**
 * Takes a stack. The ids belong to the arrangement, so that a double tap, or a second try after a lost answer, makes one record.
 *
 * @param key - names the arrangement in view
 * @param onTaken - once it is on its way
 */
export function useAccept(bikeId: string, end: End, key: string, onTaken: () => void) {
  const { accept } = useWrites();
  const ids = useRef<{ key: string; stackId: string; writeId: string } | null>(null);
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<Problem | null>(null);
  const take = async (wheelId: string, stack: Stack, byHand: boolean, measuredMm?: NewStack['measuredMm']) => {
    if (ids.current?.key !== key) ids.current = { key, stackId: crypto.randomUUID(), writeId: crypto.randomUUID() };
    const { stackId, writeId } = ids.current;
    setBusy(true);
    setRefused(null);
    const outcome = await accept(bikeId, stackId, writeId, {
      kind: 'stack',
      place: axleAt(end),
      wheelId,
      left: stack.left.inside,
      right: stack.right.inside,
      rotorShimsMm: stack.rotorShimsMm,
      caliperShimsMm: stack.caliperShimsMm,
      byHand,
      ...(measuredMm && { measuredMm }),
      acceptedAt: now().toISOString(),
    });
    setBusy(false);
    if (outcome.kind !== 'refused') return onTaken();
    // Shown here, so it need not wait in the outbox; another try is another write.
    ids.current = null;
    setRefused(outcome.problem);
    const entry = outbox.snapshot().writes.find((write) => write.writeId === writeId);
    if (entry) await outbox.discard(entry.seq);
  };
  return { take, busy, refused };
}
