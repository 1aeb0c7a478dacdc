import { endFacts, measurePlan, type PlannedFeature, type Reading } from '@cricket/core/end-facts';
import type { End, Feature } from '@cricket/core/features';

/** The plan once these readings are known, and what comes after a feature: the next that is open, else any before it. */
export function planAfter(end: End, readings: readonly Reading[]): PlannedFeature[] {
  return measurePlan(endFacts(end, readings));
}

/**
 * What to measure after this feature.
 *
 * @returns null when nothing required is open any more
 */
export function nextOpen(plan: readonly PlannedFeature[], currentId: string): Feature | null {
  const at = plan.findIndex(({ feature }) => feature.id === currentId);
  const round = [...plan.slice(at + 1), ...plan.slice(0, at + 1)];
  const open = round.find(
    ({ state, required, feature }) => required && state !== 'settled' && feature.id !== currentId,
  );
  return open?.feature ?? null;
}
