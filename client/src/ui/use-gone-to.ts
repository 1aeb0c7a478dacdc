import { useCallback, useState } from 'react';

/**
 * Goes somewhere within a page at once, and has the address follow after it was shown: on a slow phone the router takes longer
 * than the page itself.
 *
 * @param asked - what the address names
 * @returns what is shown, and a way to go on: where to, and how the address follows
 */
export function useGoneTo<T extends string | null | undefined>(asked: T) {
  // Where the address has been and will be until it is where the page is already.
  const [gone, setGone] = useState<{ past: readonly T[]; to: T } | null>(null);
  const underWay = gone !== null && gone.past.includes(asked);
  const go = useCallback(
    (to: T, follow: () => void) => {
      setGone((before) => {
        const past = before?.past.includes(asked) ? [...before.past, before.to] : [asked];
        return { past: past.filter((place) => place !== to), to };
      });
      requestAnimationFrame(() => setTimeout(follow, 0));
    },
    [asked],
  );
  // Any other address holds: it has arrived, or somebody went elsewhere.
  return { at: underWay ? gone.to : asked, go };
}
