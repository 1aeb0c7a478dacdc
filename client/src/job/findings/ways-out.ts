import type { BikeRecord } from '@cricket/contract/shapes';
import { endFacts } from '@cricket/core/end-facts';
import type { End } from '@cricket/core/features';
import { settledBy, type Known, type Settling } from '@cricket/core/settling';
import type { Finding } from '@cricket/core/verdict';

import { featureWords } from '../reading/feature-words';
import { words } from './words';
import { endPath, measurePath, storeItemPath, takeInPath, wheelPath, type Page } from '../../ui/pages';

/** A page, and what the link to it says. */
export interface WayOut {
  label: string;
  path: Page;
}

/** Of what bike, end and kit the findings are. */
export interface Whence extends Known {
  bikeId: string;
  end: End;
  wheel: { id: string; code: string };
}

/** The same from a bike's record. */
export function whenceOf({ bike, readings }: BikeRecord, end: End, { id, code }: Whence['wheel']): Whence {
  const packInstead = bike.facts.job?.packInstead !== undefined;
  return { bikeId: bike.id, end, wheel: { id, code }, facts: endFacts(end, readings), packInstead };
}

/** More readings than these are found from the first of them. */
const mostReadings = 3;

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

function wayTo(settling: Settling, { bikeId, end, wheel }: Whence): WayOut {
  switch (settling.at) {
    case 'measure':
      return settling.feature === null
        ? { label: words.measureOpen, path: measurePath(bikeId, end) }
        : {
            label: words.measureIt(featureWords(settling.feature).title),
            path: measurePath(bikeId, end, settling.feature),
          };
    case 'take-in':
      return { label: words.sayTakeIn, path: takeInPath(bikeId) };
    case 'kit':
      return { label: words.sayKit(wheel.code), path: wheelPath(wheel.id, bikeId, end) };
    case 'job':
      return { label: words.sayJob, path: endPath(bikeId, end, 'kit') };
  }
}

/** The pages where one finding is put right or found out. */
export function waysOn(finding: Pick<Finding, 'id' | 'verdict'>, whence: Whence): WayOut[] {
  const leftOut = whereLeftOut(finding.id, whence.bikeId, whence.end);
  if (leftOut) return [leftOut];
  const settlings = settledBy(finding, whence);
  const readings = settlings.filter(({ at }) => at === 'measure').slice(0, mostReadings);
  return [...readings, ...settlings.filter(({ at }) => at !== 'measure')].map((settling) => wayTo(settling, whence));
}

/** Pages that findings lead to besides measuring, each once: measuring is the next action anyway. */
export function waysOut(findings: readonly Pick<Finding, 'id' | 'verdict'>[], whence: Whence): WayOut[] {
  const ways = findings.flatMap((finding) => {
    const leftOut = whereLeftOut(finding.id, whence.bikeId, whence.end);
    if (leftOut) return [leftOut];
    const settlings = settledBy(finding, whence).filter(({ at }) => at !== 'measure');
    return settlings.slice(0, 1).map((settling) => wayTo(settling, whence));
  });
  return ways.filter(({ path }, at) => ways.findIndex((other) => other.path === path) === at);
}
