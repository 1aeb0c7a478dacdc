import type { Wheel } from '@cricket/contract/shapes';
import { catalogueFigures } from '@cricket/core/parts';

import type { PartLine } from './store-form';

/** A left-over part of a kit as a new line of the stores: called as its maker calls it, with what the kit says of it. */
export function leftoverPart(wheel: Wheel | undefined, id: string, name: string): PartLine & { id: string } {
  const line = wheel?.kit?.packing.find(({ part }) => part === name);
  const figures = wheel && line ? catalogueFigures(wheel, line) : null;
  return {
    id,
    // What nobody has put to a kind is told by its name alone.
    ...(figures ?? { kind: 'other', spec: {} }),
    label: name,
    costEach: null,
    count: line?.count ?? 1,
  };
}
