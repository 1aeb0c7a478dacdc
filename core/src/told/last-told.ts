import type { Place } from '../model';

/** A reading as far as what is told depends on it. */
export interface ToldReading {
  place: Place;
  feature: string;
  told?: { is?: unknown } | null | undefined;
  takenAt: string;
  withdrawnAt: string | null;
}

/** The latest word on each thing that was told of a bike, whatever order they came in; null: taken back to not known. */
export function lastTold(readings: readonly ToldReading[]): ReadonlyMap<string, unknown> {
  const last = new Map<string, ToldReading>();
  for (const reading of readings) {
    if (reading.place !== 'bike' || !reading.told || reading.withdrawnAt) continue;
    const before = last.get(reading.feature);
    if (!before || reading.takenAt >= before.takenAt) last.set(reading.feature, reading);
  }
  return new Map([...last].map(([feature, { told }]) => [feature, told!.is]));
}
