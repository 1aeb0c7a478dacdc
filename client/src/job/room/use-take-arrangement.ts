import type { BikeFacts } from '@cricket/core/bike-facts';
import type { RoomStation } from '@cricket/core/whole-bike';
import { useRef, useState } from 'react';

import { now } from '../../data/clock';
import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';

/** Takes how a station is to be built. A double tap, or a second try after a lost answer, makes one record. */
export function useTakeArrangement(bikeId: string, station: RoomStation) {
  const { takeArrangement } = useWrites();
  const { messages, settle } = useRefusal<never>();
  const ids = useRef<{ facts: BikeFacts; id: string; writeId: string } | null>(null);
  const [busy, setBusy] = useState(false);
  const take = async (facts: BikeFacts, because?: string) => {
    if (JSON.stringify(ids.current?.facts) !== JSON.stringify(facts)) {
      ids.current = { facts, id: crypto.randomUUID(), writeId: crypto.randomUUID() };
    }
    const { id, writeId } = ids.current!;
    setBusy(true);
    const outcome = await takeArrangement(bikeId, id, writeId, {
      kind: station,
      facts,
      ...(because && { because }),
      acceptedAt: now().toISOString(),
    });
    // Another try is another write.
    if (outcome.kind === 'refused') ids.current = null;
    await settle(outcome);
    setBusy(false);
  };
  return { take, busy, messages };
}
