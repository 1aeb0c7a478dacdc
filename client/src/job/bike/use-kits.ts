import type { BikeRecord, Wheel } from '@cricket/contract/shapes';
import { chosenWheelId } from '@cricket/core/choices';
import type { KitFacts } from '@cricket/core/kit';
import { useMemo } from 'react';

import { useWheels } from '../../data/use-bikes';

/** The wheels that are chosen for a bike, front before rear; null as long as the catalogue is not there. */
export function useChosenWheels(record: BikeRecord | null): Wheel[] | null {
  const { data } = useWheels();
  const choices = record?.choices;
  return useMemo(() => {
    if (!choices) return null;
    const chosen = [chosenWheelId(choices, 'front'), chosenWheelId(choices, 'rear')];
    return data ? chosen.flatMap((id) => data.find((wheel) => wheel.id === id) ?? []) : null;
  }, [choices, data]);
}

/** Their kits, as far as they are recorded. */
export function useKits(record: BikeRecord | null): KitFacts[] | null {
  const wheels = useChosenWheels(record);
  return useMemo(() => wheels && wheels.flatMap(({ kit }) => kit ?? []), [wheels]);
}
