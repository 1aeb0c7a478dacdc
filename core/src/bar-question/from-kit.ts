import { listed, said } from '../said';
import type { BikeFacts } from '../bike-facts';
import type { HandlebarResult } from '../handlebar';
import type { KitFacts } from '../kit';
import { told, withFindings } from '../verdict';

/** What a kit brings along for the bar. */
export type KitOnBar = 'throttle-thumb' | 'throttle-twist' | 'display';

/** What the kits of a bike bring for the bar, and nobody has put on its list yet; a throttle that stays off is none. */
export function notOnBar({ bar, job }: BikeFacts, kits: readonly Pick<KitFacts, 'throttle' | 'display'>[]): KitOnBar[] {
  const listed = (bar?.parts ?? []).map(({ kind }) => kind);
  const throttle = kits.map((kit) => kit.throttle).find((kind) => kind !== 'none');
  const isThrottleMissing = job?.throttle !== 'left-out' && !listed.some((kind) => kind.startsWith('throttle-'));
  return [
    ...(throttle && isThrottleMissing ? [`throttle-${throttle}` as const] : []),
    ...(kits.some(({ display }) => display) && !listed.includes('display') ? (['display'] as const) : []),
  ];
}

/** An answer that knows of what is still to come onto the bar: until that is measured nobody knows whether it goes. */
export function withKit<T extends Pick<HandlebarResult, 'verdict' | 'findings'>>(
  result: T,
  missing: readonly KitOnBar[],
): T {
  if (missing.length === 0) return result;
  const finding = told(
    'from-kit',
    'unknown',
    said('bar-question.kit-brings-that-list-of-bar', {
      missing: listed(missing.map((each) => said(`bar-question.${each}`))),
    }),
    [said('bar-question.measure-it-and-add-it-to')],
  );
  return withFindings(result, [finding]);
}
