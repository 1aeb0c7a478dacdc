import type { End } from '@cricket/core/features';

import { readTyped } from '../../ui/typed-number';
import type { MatchLine } from '../../workers/match-line';

/** Which kits are shown. */
export interface KitFilter {
  end: 'any' | End;
  /** Only those that nothing of their own stops. */
  may: 'any' | 'may';
  brake: 'any' | 'rim' | 'disc';
  /** The most that a kit may cost, as typed; empty: whatever it costs. */
  most: string;
}

export const everyKit: KitFilter = { end: 'any', may: 'any', brake: 'any', most: '' };

/** Whether a kit is shown. What is typed for the price and is no figure leaves nothing out. */
export function isShown(line: MatchLine, { end, may, brake, most }: KitFilter): boolean {
  const typed = readTyped(most);
  return (
    (end === 'any' || line.end === end) &&
    (may === 'any' || line.own !== 'stop') &&
    (brake === 'any' || line.brakes.includes(brake)) &&
    (typed.kind !== 'number' || line.costs.total <= typed.value)
  );
}
