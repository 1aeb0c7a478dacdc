import { useEffect, useState } from 'react';

/** What judges a stack, once it is there. */
export type Judging = typeof import('./judging');

let kept: Judging | null = null;

/** How long until a piece that did not come is asked for again. */
const againMs = 3000;

/** Fetches what judges a stack; null until it is there. */
export function useJudging(): Judging | null {
  const [judging, setJudging] = useState(kept);
  useEffect(() => {
    if (judging) return undefined;
    let gone = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const load = () => {
      import('./judging').then(
        (loaded) => {
          kept = loaded;
          if (!gone) setJudging(loaded);
        },
        // The network went, or the page was left while it came: until it is there nothing is judged by hand.
        () => {
          if (!gone) timer = setTimeout(load, againMs);
        },
      );
    };
    load();
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [judging]);
  return judging;
}
