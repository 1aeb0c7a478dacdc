import type { BikeRecord } from '@cricket/contract/shapes';
import { barQuestion } from '@cricket/core/bar-question';
import { useMemo } from 'react';

import { useWorked } from '../workers/use-worked';

/** The handlebar of a bike as it is asked, and its answer once it is worked out; no question while something is missing. */
export function useArranged({ id, facts }: BikeRecord['bike']) {
  const question = useMemo(() => barQuestion(facts), [facts]);
  const { data } = useWorked('bar', id, question ? [question] : null, (worker) => worker.arrangeBar(question!));
  return { question, result: data ?? null };
}
