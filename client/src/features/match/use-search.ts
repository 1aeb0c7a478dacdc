import type { Remote } from 'comlink';
import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';

import { askFitWorker } from '../../workers/fit-worker';
import type { FitWorker } from '../../workers/fit.worker';
import { useWorked } from '../../workers/use-worked';

export interface Search<Answer> {
  answer: Answer | null;
  progress: { done: number; all: number };
  failed: boolean;
  cancelled: boolean;
  cancel: () => void;
  again: () => void;
}

/**
 * Looks through the whole catalogue in the worker: says how far it is, can be stopped, and ends by itself where something changes
 * meanwhile.
 *
 * @param run - answers null when it was ended
 */
export function useSearch<Input extends object, Answer>(
  name: string,
  subject: string,
  input: Input | null,
  run: (worker: Remote<FitWorker>, input: Input, onProgress: (done: number, all: number) => void) => Promise<unknown>,
): Search<Answer> {
  const [progress, setProgress] = useState({ done: 0, all: 0 });
  const [cancelled, setCancelled] = useState(false);
  const known = useRef<Answer | null>(null);
  const { data, error, refetch } = useWorked(name, subject, input && [input], async (worker) => {
    setCancelled(false);
    const found = (await run(
      worker,
      input!,
      proxy((done: number, all: number) => setProgress({ done, all })),
    )) as Answer | null;
    // Ended by a later run, or by hand: what was known before stays.
    return found ?? known.current;
  });
  useEffect(() => {
    if (data) known.current = data;
  }, [data]);
  return {
    answer: data ?? null,
    progress,
    failed: error !== null,
    cancelled,
    cancel: () => {
      setCancelled(true);
      void askFitWorker((worker) => worker.cancel());
    },
    again: () => void refetch(),
  };
}
