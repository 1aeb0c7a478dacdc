import type { BatteryBayResult, Stretch } from '@cricket/core/battery-bay';

/** So near to a bolted or a free place it falls into it. */
const pullMm = 6;

/** Where a pushed battery comes to lie: at its bosses when it is near them, else where it has room, else where it was pushed to. */
export function snapped(fromMm: number, { bolted, intervals }: Pick<BatteryBayResult, 'bolted' | 'intervals'>): number {
  return nearestIn(fromMm, bolted) ?? nearestIn(fromMm, intervals) ?? fromMm;
}

function nearestIn(fromMm: number, stretches: readonly Stretch[]): number | null {
  const places = stretches
    .map((each) => Math.min(each.toMm, Math.max(each.fromMm, fromMm)))
    .filter((place) => Math.abs(place - fromMm) <= pullMm)
    .sort((a, b) => Math.abs(a - fromMm) - Math.abs(b - fromMm));
  return places[0] ?? null;
}
