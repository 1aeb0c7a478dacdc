import { endFacts, measurePlan, type PlannedFeature, type Reading } from '@cricket/core/end-facts';
import { firstLookFeatures, type End, type Feature } from '@cricket/core/features';

/** The plan once these readings are known, and what comes after a feature: the next that is open, else any before it. */
export function planAfter(end: End, readings: readonly Reading[]): PlannedFeature[] {
  return measurePlan(endFacts(end, readings));
}

/** The whole plan, or the few readings of a first look in its own order. */
export function planFor(plan: readonly PlannedFeature[], first: boolean): PlannedFeature[] {
  if (!first) return [...plan];
  return firstLookFeatures.flatMap((id) => plan.filter(({ feature }) => feature.id === id));
}

/**
 * What to record after this feature: the next required one that is open, then any that was skipped before; once nothing
 * required is open, the optional ones that follow.
 *
 * @returns null when there is nothing more to do here
 */
export function nextOpen(plan: readonly PlannedFeature[], currentId: string): Feature | null {
  const at = plan.findIndex(({ feature }) => feature.id === currentId);
  const after = plan.slice(at + 1);
  const open = ({ state, feature }: PlannedFeature) => state !== 'settled' && feature.id !== currentId;
  const required = [...after, ...plan.slice(0, at + 1)].find((item) => item.required && open(item));
  // Optional ones only onwards: what was skipped must not come round again.
  const optional = at < 0 ? undefined : after.find((item) => !item.required && open(item));
  return (required ?? optional)?.feature ?? null;
}
