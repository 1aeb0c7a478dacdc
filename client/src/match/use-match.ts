import type { BikeRecord, ShopSettings } from '@cricket/contract/shapes';
import { endFacts } from '@cricket/core/end-facts';
import type { MatchInput } from '@cricket/core/match';
import type { Workshop } from '@cricket/core/next-action';
import { proxy } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';

import { askFitWorker } from '../workers/fit-worker';
import { useWorked } from '../workers/use-worked';
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
  const [progress, setProgress] = useState({ done: 0, all: 0 });
  const [cancelled, setCancelled] = useState(false);
  const known = useRef<MatchAnswer | null>(null);
  const { data, error, refetch } = useWorked('match', record?.bike.id ?? '', input && [input], async (worker) => {
    setCancelled(false);
    const found = (await worker.match(
      input!,
      proxy((done: number, all: number) => setProgress({ done, all })),
    )) as MatchAnswer | null;
    // Ended by a later run, or by hand: what was known before stays.
    return found ?? known.current;
  });
  useEffect(() => {
    if (data) known.current = data;
  }, [data]);
  return {
    lines: data?.lines ?? null,
    refused: data?.refused ?? [],
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

function matchInput({ bike, readings, events }: BikeRecord, workshop: Workshop, settings: ShopSettings): MatchInput {
  const front = endFacts('front', readings);
  const rear = endFacts('rear', readings);
  return {
    ends: { ...(front.begun && { front }), ...(rear.begun && { rear }) },
    bike: bike.facts,
    wheels: workshop.wheels,
    stores: workshop.stores,
    delivered: null,
    events,
    hourlyRate: settings.hourlyRate,
    ...(workshop.limits && { limits: workshop.limits }),
    ...(workshop.tools && { tools: workshop.tools }),
    // What fit and stand reckon with: every page says the same hours.
    ...(workshop.logged && { logged: workshop.logged }),
    ...(workshop.secondPerson && { secondPerson: workshop.secondPerson }),
  };
}
