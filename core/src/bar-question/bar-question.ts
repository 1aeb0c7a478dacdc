import type { BikeFacts } from '../bike-facts';
import type { BarPart, BarSide, HandlebarInput } from '../handlebar';

/**
 * What a bike's handlebar is asked, from what is known of it.
 *
 * @returns null while the room on the bar, or everything that lies on it, is not known
 */
export function barQuestion({ bar, job }: BikeFacts): HandlebarInput | null {
  const parts = bar?.parts ?? [];
  if (!bar?.room || parts.length === 0) return null;
  const throttleSide = job?.throttleSide ?? awayFromShifter(parts);
  return { bar: bar.room, parts, ...(throttleSide && { prefer: { throttleSide } }) };
}

/** Where nobody has said: the hand that has no rear shifter to work. */
function awayFromShifter(parts: readonly BarPart[]): BarSide | undefined {
  const shifter = parts.find(({ rear }) => rear);
  const at = shifter && (isSide(shifter.side) ? shifter.side : shifter.nowSide);
  if (at === 'left') return 'right';
  return at === 'right' ? 'left' : undefined;
}

const isSide = (side: BarPart['side']): side is BarSide => side === 'left' || side === 'right';
