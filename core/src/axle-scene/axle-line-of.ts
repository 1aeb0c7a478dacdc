import type { AxleStackInput, Stack } from '../axle-stack';
import type { EndFit } from '../end-fit';
import type { EndState } from '../next-action';
import type { Wheel } from '../parts';

import type { AxleLineData } from './axle-parts';
import { onLip } from './on-lip';

/** What the axle line of an end is drawn from with this stack on it; null before there is a fit. */
export function axleLineOf({ facts, fit }: EndState, stack: Stack | null): AxleLineData | null {
  if (!fit?.stackInput) return null;
  const { hub, spacingMm } = fit.stackInput;
  // Without a stack hub and frame are drawn as they are, with the room between them.
  const gapMm = stack ? 0 : Number((spacingMm - hub.shoulderWidthMm).toFixed(2));
  return {
    ...(gapMm !== 0 && { gapMm }),
    wheel: fit.wheel,
    input: fit.stackInput,
    stack: stack ?? bareStack(fit.stackInput),
    outside: fit.outside,
    lips: { left: facts.sides.left.lip, right: facts.sides.right.lip },
    onLip: onLip(fit.slots),
  };
}

/** A taken stack as far as it is drawn. */
interface TakenLine {
  input: { wheel: Wheel; axle: AxleStackInput };
  result: Pick<AxleLineData, 'stack' | 'outside'> & Pick<EndFit, 'slots'>;
}

/** The same of a stack as it was taken, whatever is measured since; lips as they are known today. */
export function axleLineTaken({ input: { wheel, axle }, result }: TakenLine, lips: AxleLineData['lips']): AxleLineData {
  const { stack, outside, slots } = result;
  return { wheel, input: axle, stack, outside, lips, onLip: onLip(slots) };
}

/** No washer at all: for the drawing of what does not fit. */
function bareStack({ hub, frameOffsetMm = 0 }: AxleStackInput): Stack {
  const side = { inside: [], totalMm: 0 };
  return {
    cost: 0,
    left: side,
    right: side,
    rotorShimMm: 0,
    caliperShimMm: 0,
    rotorShimsMm: [],
    caliperShimsMm: [],
    spreadMm: 0,
    rimOffsetMm: hub.rimOffsetMm + frameOffsetMm,
    rotorErrorMm: 0,
    threadLeftMm: { left: 0, right: 0 },
    washerCount: 0,
    firstTimeRight: 0,
    verdict: 'stop',
  };
}
