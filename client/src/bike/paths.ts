import type { End } from '@cricket/core/features';
import type { NextAction } from '@cricket/core/next-action';

export const bikePath = (bikeId: string) => `/bikes/${bikeId}`;
export const endPath = (bikeId: string, end: End, station: 'measure' | 'wheel' | 'fit' | 'stack') =>
  `/bikes/${bikeId}/${end}/${station}`;
export const measurePath = (bikeId: string, end: End, featureId?: string) =>
  endPath(bikeId, end, 'measure') + (featureId ? `?feature=${encodeURIComponent(featureId)}` : '');

/** Where the next action is done. */
export function nextPath(bikeId: string, next: NextAction): string {
  switch (next.kind) {
    case 'measure':
      return measurePath(bikeId, next.end, next.feature.id);
    case 'refused':
      return bikePath(bikeId);
    case 'choose-wheel':
      return endPath(bikeId, next.end, 'wheel');
    case 'fit':
      return endPath(bikeId, next.end, 'stack');
    default:
      return endPath(bikeId, next.end, 'fit');
  }
}
