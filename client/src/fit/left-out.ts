import type { End } from '@cricket/core/features';

import { measurePath, takeInPath } from '../bike/paths';
import { featureWords } from '../measure/feature-words';
import { words } from './words';

/** Where something that was recorded and cannot be is put right: the page, and what the link says. */
export function whereLeftOut(findingId: string, bikeId: string, end: End): { label: string; path: string } | null {
  const [head, kind, ...rest] = findingId.split('.');
  if (head !== 'left-out') return null;
  const id = rest.join('.');
  switch (kind) {
    case 'reading':
      return { label: words.takeBack(featureWords(id).title), path: measurePath(bikeId, end, id) };
    case 'delivered':
      return {
        label: words.takeBack(featureWords('washers-delivered.left').title),
        path: measurePath(bikeId, end, 'washers-delivered.left'),
      };
    case 'stores':
      return { label: words.putRight, path: `/stores/${id}` };
    case 'bike':
      return { label: words.putRight, path: takeInPath(bikeId) };
    case 'limits':
      return { label: words.putRight, path: '/limits' };
    default:
      return { label: words.putRight, path: '/wheels' };
  }
}
