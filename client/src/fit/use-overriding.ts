import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { eventsOf } from '@cricket/core/job-events';

import { useRefusal } from '../data/use-refusal';
import { useWrites } from '../data/use-writes';

/** Overriding what stops a kit at one end, and taking it back. */
export interface Overriding {
  override: (findingId: string, because: string) => Promise<void>;
  takeBack: (findingId: string) => Promise<void>;
  /** Why the server said no. */
  messages: string[];
}

export function useOverriding(record: BikeRecord | null, end: End, wheelId: string | undefined): Overriding {
  const { addEvent, withdrawEvent } = useWrites();
  const refusal = useRefusal<never>();
  return {
    messages: refusal.messages,
    override: async (findingId, because) => {
      if (!record || !wheelId) return;
      await refusal.settle(await addEvent(record.bike.id, 'override', { end, wheelId, findingId, because }));
    },
    takeBack: async (findingId) => {
      const given = eventsOf(record?.events ?? [], 'override').filter(
        ({ data }) => data.end === end && data.wheelId === wheelId && data.findingId === findingId,
      );
      for (const { id } of given) await refusal.settle(await withdrawEvent(record!.bike.id, id));
    },
  };
}
