import type { BikeRecord } from '@cricket/contract/shapes';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { toldBetween } from '@cricket/core/told';

import { useRefusal } from './use-refusal';
import { useWrites } from './use-writes';

/** Tells what has changed of a bike's facts, and only that; what is refused is said. */
export function useTell({ bike }: BikeRecord) {
  const { takeIn } = useWrites();
  const { messages, settle } = useRefusal<never>();
  /** @returns whether it is kept, here or at the server */
  const tell = async (change: Partial<BikeFacts>): Promise<boolean> => {
    const outcome = await takeIn(bike.id, toldBetween(bike.facts, { ...bike.facts, ...change }));
    await settle(outcome);
    return outcome.kind !== 'refused';
  };
  return { tell, messages };
}
