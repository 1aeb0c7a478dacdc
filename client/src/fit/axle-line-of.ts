import type { Stack } from '@cricket/core/axle-stack';
import type { EndState } from '@cricket/core/next-action';

import type { AxleLineData } from '../drawing/axle-line/axle-parts';
import { onLip } from './on-lip';

/** What the axle line of an end is drawn from with this stack on it; null before there is a fit. */
export function axleLineOf({ facts, fit }: EndState, stack: Stack | null): AxleLineData | null {
  if (!stack || !fit?.stackInput) return null;
  return {
    wheel: fit.wheel,
    input: fit.stackInput,
    stack,
    outside: fit.outside,
    lips: { left: facts.sides.left.lip, right: facts.sides.right.lip },
    onLip: onLip(fit.slots),
  };
}
