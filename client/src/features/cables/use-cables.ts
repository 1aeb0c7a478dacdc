import type { BikeRecord } from '@cricket/contract/shapes';
import type { BikeFacts } from '@cricket/core/bike-facts';
import { cableQuestion } from '@cricket/core/cable-question';
import { useMemo } from 'react';

import { useWorked } from '../../workers/use-worked';

/** The cables of a bike as they are asked, and the answer once every movement has been followed. */
export function useCables({ bike }: BikeRecord, facts: BikeFacts) {
  const question = useMemo(() => cableQuestion(facts), [facts]);
  const asked = Array.isArray(question) ? null : question;
  const { data } = useWorked('cables', bike.id, asked ? [asked] : null, (worker) => worker.runCables(asked!));
  const missing = Array.isArray(question) ? question : [];
  const answer = asked && data ? data : { result: null, contradiction: null };
  return { missing, input: asked?.input ?? null, ...answer };
}
