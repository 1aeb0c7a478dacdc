import type { BikeRecord } from '@cricket/contract/shapes';
import { barQuestion, notOnBar, withKit } from '@cricket/core/bar-question';
import { chosenWheelId } from '@cricket/core/choices';
import { useMemo } from 'react';

import { useWheels } from '../data/use-bikes';
import { useWorked } from '../workers/use-worked';

/** The handlebar of a bike as it is asked, and its answer once it is worked out; no question while something is missing. */
export function useArranged({ bike, choices }: BikeRecord) {
  const { id, facts } = bike;
  const wheels = useWheels();
  const question = useMemo(() => barQuestion(facts), [facts]);
  const { data } = useWorked('bar', id, question ? [question] : null, (worker) => worker.arrangeBar(question!));
  const chosen = [chosenWheelId(choices, 'front'), chosenWheelId(choices, 'rear')];
  const kits = (wheels.data ?? []).flatMap((wheel) => (chosen.includes(wheel.id) && wheel.kit ? [wheel.kit] : []));
  // Without the catalogue nobody knows what the kit brings along.
  const isKnown = wheels.data !== undefined;
  return { question, result: data && isKnown ? withKit(data, notOnBar(facts, kits)) : null };
}
