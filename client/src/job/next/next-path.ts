import type { NextAction } from '@cricket/core/next-action';

import { bikePath, endPath, measurePath, standPath, takeInPath, type MadePage } from '../../ui/pages';

/** Where the next action is done. */
export function nextPath(bikeId: string, next: NextAction): MadePage {
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
    case 'awaited':
      return endPath(bikeId, next.end, 'order');
    case 'stand':
      return standPath(bikeId, next.stepId);
    case 'care':
      return standPath(bikeId);
    default:
      return endPath(bikeId, next.end, 'fit');
  }
}
