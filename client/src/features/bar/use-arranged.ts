import type { BikeRecord } from '@cricket/contract/shapes';
import { barQuestion, notOnBar, withKit } from '@cricket/core/bar-question';
import { useMemo } from 'react';

import { useKits } from '../../job/bike/use-kits';
import { useWorked } from '../../workers/use-worked';

/** The handlebar of a bike as it is asked, and its answer once it is worked out; no question while something is missing. */
export function useArranged(record: BikeRecord) {
  const { id, facts } = record.bike;
  const kits = useKits(record);
  const question = useMemo(() => barQuestion(facts), [facts]);
  const { data } = useWorked('bar', id, question ? [question] : null, (worker) => worker.arrangeBar(question!));
  // Without the catalogue nobody knows what the kit brings along.
  const missing = useMemo(() => (kits ? notOnBar(facts, kits) : null), [facts, kits]);
  return { question, missing, result: data && missing ? withKit(data, missing) : null };
}
