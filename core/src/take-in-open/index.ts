import { said, type Said } from '../said';
import type { BikeFacts } from '../bike-facts';
import type { End } from '../features';

/** What take-in has not recorded yet and the checks cannot do without. */
export function openAtTakeIn(bike: BikeFacts, end: End): Said[] {
  const other = end === 'front' ? 'rear' : 'front';
  return [
    ...(bike.bikeKg === undefined ? [said('take-in-open.bikeKg')] : []),
    ...(bike.riderKg === undefined ? [said('take-in-open.riderKg')] : []),
    ...(bike.loadKg === undefined ? [said('take-in-open.loadKg')] : []),
    ...(bike.speedKmh === undefined ? [said('take-in-open.speedKmh')] : []),
    ...(bike.climb === undefined ? [said('take-in-open.climb')] : []),
    ...(bike.descentPercent === undefined ? [said('take-in-open.descentPercent')] : []),
    ...(bike.surface === undefined ? [said('take-in-open.surface')] : []),
    ...(bike.ratings === undefined ? [said('take-in-open.ratings')] : []),
    ...(bike.law === undefined ? [said('take-in-open.law')] : []),
    ...(bike.brakes?.[other]?.kind === undefined ? [said('take-in-open.brake', { end: other })] : []),
  ];
}
