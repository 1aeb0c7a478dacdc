import type { BikeRecord } from '@cricket/contract/shapes';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { chosenWheelId } from '@cricket/core/choices';
import type { End } from '@cricket/core/features';
import { factsWithKit } from '@cricket/core/kit-on-bike';
import { axleAt } from '@cricket/core/model';
import { toldBetween } from '@cricket/core/told';

import { useWheels } from '../../data/use-bikes';
import { useWrites } from '../../data/use-writes';

/**
 * Takes a kit for an end. What its record knows is told of the bike; what was measured of another kit, that was chosen before and is
 * the only one, is put aside: it says nothing of this one. A reading that is withdrawn brings it back.
 */
export function useTakeKit() {
  const { choose, takeIn } = useWrites();
  const { data: wheels } = useWheels();
  return (record: BikeRecord, end: End, wheelId: string, further: (facts: BikeFacts) => BikeFacts = (same) => same) => {
    const { id: bikeId, facts } = record.bike;
    void choose(bikeId, { place: axleAt(end), kind: 'wheel', wheelId });
    const outfit = wheels?.find(({ id }) => id === wheelId)?.kit?.outfit;
    const after = factsWithKit(facts, outfit ? { outfit } : {}, !isOtherKit(record, end, wheelId));
    void takeIn(bikeId, toldBetween(facts, further(after)));
  };
}

/** Whether another kit is chosen now, and it is the only one: what was measured on the bike was measured of that. */
export function isOtherKit({ choices }: BikeRecord, end: End, wheelId: string): boolean {
  const before = chosenWheelId(choices, end);
  const beside = chosenWheelId(choices, end === 'front' ? 'rear' : 'front');
  return before !== null && before !== wheelId && beside === null;
}
