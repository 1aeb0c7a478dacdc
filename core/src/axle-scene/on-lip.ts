import type { EndFit } from '../end-fit';
import type { Side } from '../features';

/** On which sides a nut would stand on the retaining lip, for the drawing. */
export function onLip(slots: EndFit['slots']): Record<Side, boolean> {
  const stands = (side: Side) =>
    slots[side].cWasher === null && slots[side].findings.some(({ id, verdict }) => id === 'lip' && verdict !== 'goes');
  return { left: stands('left'), right: stands('right') };
}
