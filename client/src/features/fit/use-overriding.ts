import type { BikeRecord } from '@cricket/contract/shapes';
import { eventsOf } from '@cricket/core/job-events';
import { axleAt, type End } from '@cricket/core/model';

import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';

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
      await refusal.settle(await addEvent(record.bike.id, 'override', axleAt(end), { wheelId, findingId, because }));
    },
    takeBack: async (findingId) => {
      const given = eventsOf(record?.events ?? [], 'override').filter(
        ({ place, data }) => place === axleAt(end) && data.wheelId === wheelId && data.findingId === findingId,
      );
      for (const { id } of given) await refusal.settle(await withdrawEvent(record!.bike.id, id));
    },
  };
}
