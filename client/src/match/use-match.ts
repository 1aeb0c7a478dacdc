import type { BikeRecord, ShopSettings } from '@cricket/contract/shapes';
import { endFacts } from '@cricket/core/end-facts';
import type { MatchInput } from '@cricket/core/match';
import type { Workshop } from '@cricket/core/next-action';
import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';

import { askFitWorker } from '../workers/fit-worker';
import type { MatchAnswer, MatchLine } from './match-line';

export interface Match {
  lines: MatchLine[] | null;
  refused: MatchAnswer['refused'];
  progress: { done: number; all: number };
  failed: boolean;
  cancelled: boolean;
  cancel: () => void;
  again: () => void;
}

/** Matches the whole catalogue in the worker; ends an earlier run when something changes meanwhile. */
export function useMatch(record: BikeRecord | null, workshop: Workshop, settings: ShopSettings | null): Match {
  const input = useMemo(
    () => (record && settings ? matchInput(record, workshop, settings) : null),
    [record, workshop, settings],
  );
  const [answer, setAnswer] = useState<MatchAnswer | null>(null);
  const [progress, setProgress] = useState({ done: 0, all: 0 });
  const [failed, setFailed] = useState(false);
  const [cancelled, setCancelled] = useState(false);
  const [run, setRun] = useState(0);
  useEffect(() => {
    if (!input) return undefined;
    let stale = false;
    setFailed(false);
    setCancelled(false);
    const onProgress = proxy((done: number, all: number) => !stale && setProgress({ done, all }));
    askFitWorker((worker) => worker.match(input, onProgress))
      .then((found) => {
        if (!stale && found) setAnswer(found);
      })
      .catch((error: unknown) => {
        console.error(error);
        if (!stale) setFailed(true);
      });
    return () => {
      stale = true;
    };
  }, [input, run]);
  return {
    lines: answer?.lines ?? null,
    refused: answer?.refused ?? [],
    progress,
    failed,
    cancelled,
    cancel: () => {
      setCancelled(true);
      void askFitWorker((worker) => worker.cancel());
    },
    again: () => setRun(run + 1),
  };
}

function matchInput({ bike, readings, events }: BikeRecord, workshop: Workshop, settings: ShopSettings): MatchInput {
  const front = endFacts('front', readings);
  const rear = endFacts('rear', readings);
  const looked = (facts: typeof front) => facts.lengths.size + facts.words.size > 0;
  return {
    ends: { ...(looked(front) && { front }), ...(looked(rear) && { rear }) },
    bike: bike.facts,
    wheels: workshop.wheels,
    stores: workshop.stores,
    delivered: null,
    events,
    hourlyRate: settings.hourlyRate,
    ...(workshop.limits && { limits: workshop.limits }),
    ...(workshop.tools && { tools: workshop.tools }),
  };
}
