import { useEffect, useState } from 'react';

/** What judges a stack, once it is there. */
export type Judging = typeof import('./judging');

let kept: Judging | null = null;

/** Fetches what judges a stack; null until it is there. */
export function useJudging(): Judging | null {
  const [judging, setJudging] = useState(kept);
  useEffect(() => {
    if (judging) return undefined;
    let gone = false;
    void import('./judging').then((loaded) => {
      kept = loaded;
      if (!gone) setJudging(loaded);
    });
    return () => {
      gone = true;
    };
  }, [judging]);
  return judging;
}
