import { useEffect, useState } from 'react';

import { keepDraft, keptDraft } from '../../data/local-draft';

/** Something that cures or settles by itself: thread-lock, glue. */
export interface Wait {
  stepId: string;
  what: string;
  /** When it is ready, by this phone's clock. */
  until: number;
}

const storageKey = (bikeId: string) => `cricket-waits-${bikeId}`;

/** The timers of a bike; they run on when the page is closed. */
export function useWaits(bikeId: string) {
  const [waits, setWaits] = useState<Wait[]>(() => keptDraft<Wait[]>(storageKey(bikeId)) ?? []);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (waits.length === 0) return undefined;
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [waits.length]);
  const change = (next: Wait[]) => {
    keepDraft(storageKey(bikeId), next);
    setWaits(next);
    setNow(Date.now());
  };
  return {
    waits,
    now,
    start: (stepId: string, what: string, minutes: number) =>
      change([
        ...waits.filter((wait) => wait.stepId !== stepId),
        { stepId, what, until: Date.now() + 60_000 * minutes },
      ]),
    stop: (stepId: string) => change(waits.filter((wait) => wait.stepId !== stepId)),
  };
}

/** Minutes and seconds until then, such as "14:05". */
export function leftText(until: number, now: number): string | null {
  const seconds = Math.ceil((until - now) / 1000);
  if (seconds <= 0) return null;
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
