import type { ShoppingLine } from '../fit';
import { withLimits, type LimitsInput } from '../limits';
import type { ToGet } from './contract';

const named = { lever: 'Lever', shifter: 'Shifter', loom: 'Loom', other: 'Other' } as const satisfies Record<
  ToGet['part'],
  string
>;

/**
 * What has to be got besides the axles, as lines to be ordered: the same thing for two reasons is one line with both.
 *
 * @param limits - the workshop's own prices and days
 */
export function roomShopping(toGet: readonly ToGet[], limits?: LimitsInput): ShoppingLine[] {
  const prices = withLimits(limits);
  const lines = new Map<string, ShoppingLine>();
  for (const { part, what, because } of toGet) {
    const before = lines.get(what);
    if (before) {
      const reason = before.reason.includes(because) ? before.reason : `${before.reason} ${because}`;
      lines.set(what, { ...before, count: before.count + 1, reason });
      continue;
    }
    const [costEach, leadDays] = [prices[`cost${named[part]}`], prices[`days${named[part]}`]];
    lines.set(what, { group: 'small-parts', what, count: 1, reason: because, costEach, leadDays });
  }
  return [...lines.values()];
}
