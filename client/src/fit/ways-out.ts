import type { End } from '@cricket/core/features';
import type { Finding } from '@cricket/core/verdict';

import { featureWords } from '../measure/feature-words';
import { words } from './words';
import { endPath, measurePath, storeItemPath, takeInPath, type Page } from '../ui/pages';

/** A page, and what the link to it says. */
export interface WayOut {
  label: string;
  path: Page;
}

/** Where something that was recorded and cannot be is put right: the page, and what the link says. */
export function whereLeftOut(findingId: string, bikeId: string, end: End): WayOut | null {
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
      return { label: words.putRight, path: storeItemPath(id) };
    case 'bike':
      return { label: words.putRight, path: takeInPath(bikeId) };
    case 'limits':
      return { label: words.putRight, path: '/limits' };
    default:
      return { label: words.putRight, path: '/wheels' };
  }
}

/** Where something that is not known, and that nobody measures, is written down. */
function whereToSay({ id, verdict }: Finding, bikeId: string, end: End): WayOut | null {
  const ofTyre = id === 'tyre-load' || id === 'tyre-speed';
  return ofTyre && verdict === 'unknown' ? { label: words.sayTyre, path: endPath(bikeId, end, 'kit') } : null;
}

/** The pages that findings lead to besides measuring, each once. */
export function waysOut(findings: readonly Finding[], bikeId: string, end: End): WayOut[] {
  const ways = findings.flatMap((finding) => {
    const where = whereLeftOut(finding.id, bikeId, end) ?? whereToSay(finding, bikeId, end);
    return where ? [where] : [];
  });
  return ways.filter(({ path }, at) => ways.findIndex((other) => other.path === path) === at);
}
