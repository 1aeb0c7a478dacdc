import type { BikeFacts } from '../bike-facts';
import type { End } from '../features';

/** What take-in has not recorded yet and the checks cannot do without. */
export function openAtTakeIn(bike: BikeFacts, end: End): string[] {
  const other = end === 'front' ? 'rear' : 'front';
  return [
    ...(bike.bikeKg === undefined ? ['weight of the bike'] : []),
    ...(bike.riderKg === undefined ? ['weight of the rider'] : []),
    ...(bike.loadKg === undefined ? ['load'] : []),
    ...(bike.climb === undefined ? ['the steepest climb'] : []),
    ...(bike.law === undefined ? ['class of vehicle'] : []),
    ...(bike.brakes?.[other]?.kind === undefined ? [`the ${other} brake`] : []),
  ];
}
