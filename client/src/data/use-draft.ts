import { useState } from 'react';

import { keepDraft, keptDraft } from './local-draft';

/** Older than a working day it is not what the person at the phone has just seen. */
const longestMs = 12 * 3_600_000;

interface Kept<T> {
  value: T;
  /** What was recorded when it was begun. */
  over: T;
  atMs: number;
}

/** Something recorded that is being changed here. */
export interface Draft<T> {
  /** What is on the screen: as recorded, until it is changed here. */
  value: T;
  /** Whether it says something else than what is recorded. */
  changed: boolean;
  /** Whether something else was recorded since it was begun: neither replaces the other silently. */
  overtaken: boolean;
  change: (value: T) => void;
  /** What is recorded stands again, by itself. */
  drop: () => void;
}

/**
 * What is changed on a page and not recorded yet. It survives leaving and reloading; what others record shows as long as
 * nothing was changed here.
 *
 * @param place - names it, and the person whose it is
 * @param recorded - as it is recorded now; plain data
 */
export function useDraft<T>(place: string, recorded: T): Draft<T> {
  const [kept, setKept] = useState<Kept<T> | null>(() => {
    const found = keptDraft<Kept<T>>(place);
    return found && Date.now() - found.atMs < longestMs ? found : null;
  });
  const put = (next: Kept<T> | null) => {
    setKept(next);
    keepDraft(place, next);
  };
  const changed = kept !== null && !same(kept.value, recorded);
  return {
    value: kept ? kept.value : recorded,
    changed,
    overtaken: changed && !same(kept.over, recorded),
    change: (value) => put({ value, over: kept?.over ?? recorded, atMs: Date.now() }),
    drop: () => put(null),
  };
}

function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}
