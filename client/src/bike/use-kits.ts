import type { BikeRecord } from '@cricket/contract/shapes';
import { chosenWheelId } from '@cricket/core/choices';
import type { KitFacts } from '@cricket/core/kit';

import { useWheels } from '../data/use-bikes';

/** The kits that are chosen for a bike, front before rear; null as long as the catalogue is not there. */
export function useKits({ choices }: BikeRecord): KitFacts[] | null {
  const { data } = useWheels();
  const chosen = [chosenWheelId(choices, 'front'), chosenWheelId(choices, 'rear')];
  if (!data) return null;
  return chosen.flatMap((id) => data.find((wheel) => wheel.id === id)?.kit ?? []);
}
