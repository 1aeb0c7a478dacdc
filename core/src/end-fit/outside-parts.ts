import type { Side } from '../features';
import type { StoreItem } from '../parts';
import type { SlotFitResult } from '../slot-fit';
import type { EndFitInput, OutsidePart } from './contract';

/**
 * Ways to place what goes outside the dropouts, the preferred one first.
 *
 * A lip takes its C-washer. An arm is always recommended: on the side with the longer axle, which is usually the cable's;
 * two where the fit asks for it. The other side, and an end without arms, come last: then the thread decides.
 */
export function outsideChoices(
  { stores, wheel, facts }: EndFitInput,
  slots: Record<Side, SlotFitResult>,
  twoArms: boolean,
): Record<Side, OutsidePart[]>[] {
  if (facts.kind === 'closed') return [{ left: [], right: [] }];
  const arms = armsFor(stores, wheel.axle.threadMm);
  const longer: Side = wheel.axle.leftMm >= wheel.axle.rightMm ? 'left' : 'right';
  const shorter: Side = longer === 'left' ? 'right' : 'left';
  const withArms = (sides: readonly Side[]): Record<Side, OutsidePart[]> => ({
    left: [...lipPart(slots.left), ...(sides.includes('left') ? [arms[sides.indexOf('left')]!] : [])],
    right: [...lipPart(slots.right), ...(sides.includes('right') ? [arms[sides.indexOf('right')]!] : [])],
  });
  if (twoArms && arms.length >= 2) return [withArms([longer, shorter])];
  if (!twoArms && arms.length >= 1) return [withArms([longer]), withArms([shorter])];
  return [withArms([])];
}

function lipPart(slot: SlotFitResult): OutsidePart[] {
  if (!slot.cWasher) return [];
  const { outerMm, thicknessMm } = slot.cWasher;
  return [{ id: `c-washer-${outerMm}x${thicknessMm}`, kind: 'c-washer', thicknessMm }];
}

function armsFor(stores: readonly StoreItem[], threadMm: number): OutsidePart[] {
  return stores
    .filter((item) => item.kind === 'arm' && item.boreMm !== null && Math.abs(item.boreMm - threadMm) <= 0.5)
    .flatMap((item) =>
      Array.from({ length: Math.min(2, item.count) }, () => ({
        id: `arm-${item.thicknessMm}`,
        kind: 'arm' as const,
        thicknessMm: item.thicknessMm,
      })),
    );
}
