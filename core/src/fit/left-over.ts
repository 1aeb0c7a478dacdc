import { washerName } from '../part-names';
import { deliveredIds } from '../parts';
import { asWritten, said } from '../said';
import type { FitInput, FitReport, LeftOver } from './contract';
import type { TyreChoice } from './judges/solved';

/** Parts of kit and bike that are not used. */
export function leftOverParts(
  { wheel, delivered, bike }: FitInput,
  { stack }: Pick<FitReport, 'stack'>,
  tyre: TyreChoice | null,
): LeftOver[] {
  const parts = delivered ?? wheel.delivered;
  const spare = new Map<string, number>();
  for (const id of deliveredIds([...parts.left, ...parts.right])) spare.set(id, (spare.get(id) ?? 0) + 1);
  const best = stack?.stacks[0];
  for (const id of [...(best?.left.inside ?? []), ...(best?.right.inside ?? [])]) {
    const count = spare.get(id) ?? 0;
    if (count > 0) spare.set(id, count - 1);
  }
  const washers = best
    ? [...spare].flatMap(([id, count]) =>
        count > 0 ? [{ what: washerName(id), count, because: said('fit.stack-does-not-need-it') }] : [],
      )
    : [];
  return [
    ...washers,
    ...(wheel.kit?.throttle !== 'none' && bike.job?.throttle === 'left-out'
      ? [{ what: said('fit.throttle'), count: 1, because: said('fit.left-out-by-wish-or-class') }]
      : []),
    ...(bike.job?.parts ?? []).map(({ part, use, by }) => ({
      what: asWritten(part),
      count: 1,
      because: use === 'replaced' && by ? said('fit.replaced-by', { by }) : said('fit.left-out-of-this-bike'),
    })),
    { what: said('fit.old-wheel'), count: 1, because: said('fit.keep-it-whole-bike-can-be') },
    ...(tyre?.from !== 'bike'
      ? [{ what: said('fit.old-tyre-and-tube'), count: 1, because: said('fit.they-stay-on-old-wheel') }]
      : []),
  ];
}
