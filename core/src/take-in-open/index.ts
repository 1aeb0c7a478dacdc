import type { BikeFacts } from '../bike-facts';
import type { End } from '../features';

/** What take-in has not recorded yet and the checks cannot do without. */
export function openAtTakeIn(bike: BikeFacts, end: End): string[] {
  const other = end === 'front' ? 'rear' : 'front';
  return [
    ...(bike.bikeKg === undefined ? ['weight of the bike'] : []),
    ...(bike.riderKg === undefined ? ['weight of the rider'] : []),
    ...(bike.loadKg === undefined ? ['load'] : []),
    ...(bike.speedKmh === undefined ? ['how fast it is ridden'] : []),
    ...(bike.climb === undefined ? ['the steepest climb'] : []),
    ...(bike.descentPercent === undefined ? ['the steepest descent'] : []),
    ...(bike.surface === undefined ? ['what it is ridden on'] : []),
    ...(bike.ratings === undefined ? ['racks, stands and what they carry'] : []),
    ...(bike.law === undefined ? ['class of vehicle'] : []),
    ...(bike.brakes?.[other]?.kind === undefined ? [`the ${other} brake`] : []),
  ];
}
