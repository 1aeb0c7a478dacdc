import type { End } from '@cricket/core/features';
import type { NextAction } from '@cricket/core/next-action';

/** Pages of an end, in the order of the work. */
export type Station =
  | 'measure'
  | 'match'
  | 'wheel'
  | 'kit'
  | 'order'
  | 'fit'
  | 'lock'
  | 'gears'
  | 'lacing'
  | 'truing'
  | 'stack'
  | 'template';

export const takeInPath = (bikeId: string) => `/bikes/${bikeId}/take-in`;
export const standPath = (bikeId: string, stepId?: string) =>
  `/bikes/${bikeId}/stand${stepId ? `?step=${encodeURIComponent(stepId)}` : ''}`;
export const secondLookPath = (bikeId: string) => `/bikes/${bikeId}/stand?look=second`;
export const claimPath = (bikeId: string, end: End) => `/bikes/${bikeId}/claim?end=${end}`;
export const putBackPath = (bikeId: string) => `/bikes/${bikeId}/put-back`;
export const journalPath = (bikeId: string) => `/bikes/${bikeId}/journal`;
export const bothPath = (bikeId: string) => `/bikes/${bikeId}/both`;
export const bikePath = (bikeId: string) => `/bikes/${bikeId}`;
export const endPath = (bikeId: string, end: End, station: Station) => `/bikes/${bikeId}/${end}/${station}`;
export const measurePath = (bikeId: string, end: End, featureId?: string) =>
  endPath(bikeId, end, 'measure') + (featureId ? `?feature=${encodeURIComponent(featureId)}` : '');

/** Where the next action is done. */
export function nextPath(bikeId: string, next: NextAction): string {
  switch (next.kind) {
    case 'measure':
      return measurePath(bikeId, next.end, next.feature.id);
    case 'refused':
      return bikePath(bikeId);
    case 'take-in':
      return takeInPath(bikeId);
    case 'choose-wheel':
      return endPath(bikeId, next.end, 'match');
    case 'fit':
      return endPath(bikeId, next.end, 'stack');
    case 'care':
      return standPath(bikeId);
    default:
      return endPath(bikeId, next.end, 'fit');
  }
}

/** The few readings of a first look, one after another; then the kits so far. */
export const firstLookPath = (bikeId: string, end: End, featureId?: string) =>
  `${endPath(bikeId, end, 'measure')}?look=first${featureId ? `&feature=${encodeURIComponent(featureId)}` : ''}`;
