import { heldStacks } from '@cricket/contract/core-record';
import type { BikeRecord } from '@cricket/contract/shapes';
import type { Stack } from '@cricket/core/axle-stack';
import type { EndState } from '@cricket/core/next-action';
import { axleAt } from '@cricket/core/model';

/** The stack on the axle: the one taken last; before that the best one. */
export function stackOnAxle(record: BikeRecord, state: EndState | undefined): Stack | null {
  const taken = heldStacks(record)
    .filter(({ place, input }) => state && place === axleAt(state.end) && input.wheelId === state.wheel?.id)
    .at(-1);
  return taken?.result.stack ?? state?.fit?.stack?.stacks[0] ?? null;
}
