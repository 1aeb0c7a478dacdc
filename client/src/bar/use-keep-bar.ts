import type { BikeRecord } from '@cricket/contract/shapes';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { toldBetween } from '@cricket/core/told';

import { useRefusal } from '../data/use-refusal';
import { useWrites } from '../data/use-writes';

type BikeBar = NonNullable<BikeFacts['bar']>;

/** Keeps what has changed about the handlebar; what is refused is told. */
export function useKeepBar({ bike }: BikeRecord) {
  const { takeIn } = useWrites();
  const { messages, settle } = useRefusal<never>();
  const { facts } = bike;
  /** @returns whether it is kept, here or at the server */
  const keep = async (change: Partial<BikeBar>): Promise<boolean> => {
    const outcome = await takeIn(bike.id, toldBetween(facts, { ...facts, bar: { ...facts.bar, ...change } }));
    await settle(outcome);
    return outcome.kind !== 'refused';
  };
  return { keep, messages };
}
