/** Median milliseconds of a function over some runs, after a few to warm up. */
export function medianMs(runs: number, work: () => unknown): number {
  for (let warm = 0; warm < 5; warm++) work();
  const times = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[runs >> 1]!;
}
