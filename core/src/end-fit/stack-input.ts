import { withLimits } from '../limits';
import type { AxleStackInput } from '../axle-stack';
import type { Side } from '../features';
import { shimsOnHand, usableWashers } from '../parts';
import type { SlotFitResult } from '../slot-fit';
import type { EndFitInput, OutsidePart, TabPlace } from './contract';
import { tabsInside } from './tab-ways';

/** Room that the chain needs beside the smallest sprocket, by speeds, in mm. */
const sprocketGapMm: Record<number, number> = { 5: 4, 6: 4, 7: 3.7, 8: 3.6, 9: 3.4, 10: 3.2, 11: 3, 12: 2.9 };

/**
 * The stack's input from facts, wheel and stores, or null as long as something that it needs is not measured.
 */
export function stackInput(
  { facts, wheel, stores, delivered, limits }: EndFitInput,
  slots: Record<Side, SlotFitResult>,
  outside: Record<Side, OutsidePart[]>,
  places: Record<Side, TabPlace> = tabsInside.places,
): AxleStackInput | null {
  const { left, right } = facts.sides;
  const { material, spacingMm, suspension, frameOffsetMm, brake } = facts;
  if (material === null || spacingMm === null || left.plateMm === null || right.plateMm === null) return null;
  if (suspension === null || frameOffsetMm === null || brake === null) return null;
  if (brake === 'disc' && facts.rotorFaceMm === null) return null;
  const slotMm = narrowest(slots, wheel.axle.flatsMm, left.slotMinMm, right.slotMinMm);
  const parts = delivered ?? wheel.delivered;
  const hasRotor = brake === 'disc' && facts.rotorFaceMm !== null && wheel.rotorFaceMm !== null;
  const hasSprocket = wheel.smallSprocketMm !== null && facts.chain === true;
  const open = facts.kind !== 'closed';
  const usedOutside = [...outside.left, ...outside.right].filter(({ kind }) => kind === 'tab').map(({ id }) => id);
  return {
    spacingMm,
    frameOffsetMm,
    material,
    suspension,
    plateMm: { left: left.plateMm, right: right.plateMm },
    hub: {
      shoulderWidthMm: wheel.shoulderWidthMm,
      rimOffsetMm: wheel.rimOffsetMm,
      axleMm: { left: wheel.axle.leftMm, right: wheel.axle.rightMm },
      threadFromMm: { left: wheel.axle.threadFromLeftMm, right: wheel.axle.threadFromRightMm },
      threadMm: wheel.axle.threadMm,
      ...(hasRotor && { rotorFaceMm: wheel.rotorFaceMm! }),
      ...(hasSprocket && { smallSprocketMm: wheel.smallSprocketMm! }),
    },
    want: {
      ...(hasRotor && { rotorFaceMm: facts.rotorFaceMm!, caliperShimsMm: shimsOnHand(stores, 'caliper-shim', 2) }),
      ...(hasSprocket && { sprocketGapMinMm: leastSprocketGapMm(facts, wheel) }),
    },
    outside: {
      left: outside.left.map(({ id, thicknessMm }) => ({ id, thicknessMm })),
      right: outside.right.map(({ id, thicknessMm }) => ({ id, thicknessMm })),
    },
    nutMm: wheel.nutMm,
    tabs: { left: open && places.left === 'inside', right: open && places.right === 'inside' },
    // A closed end takes the caps, extenders and spacers of its own hub: a loose washer has nothing to sit on there.
    washers: open
      ? without(
          usableWashers(stores, [...parts.left, ...parts.right], {
            threadMm: wheel.axle.threadMm,
            flatsMm: wheel.axle.flatsMm,
            slotMm,
            plateMm: Math.min(left.plateMm, right.plateMm),
            limits: withLimits(limits),
          }),
          usedOutside,
        )
      : usableWashers(
          [],
          [...parts.left, ...parts.right].filter(({ kind }) => kind === 'spacer'),
          { threadMm: wheel.axle.threadMm, flatsMm: wheel.axle.flatsMm, slotMm: null, plateMm: null },
        ),
    rotorShims: hasRotor ? shimsOnHand(stores, 'rotor-shim', 2) : [],
    ...(limits && { limits }),
  };
}

/** Room for the chain beside the smallest sprocket: of the bike's own and of those that the kit brings, the larger one. */
function leastSprocketGapMm({ speeds }: EndFitInput['facts'], { kit }: EndFitInput['wheel']): number {
  const room = (count: number) => sprocketGapMm[count] ?? 4;
  const own = room(speeds ?? 0);
  return kit?.cluster ? Math.max(own, room(kit.cluster.sprockets)) : own;
}

/** The washers that are left once some lie outside the dropouts. */
function without(washers: AxleStackInput['washers'], used: readonly string[]): AxleStackInput['washers'] {
  return washers.flatMap((washer) => {
    const count = washer.count - used.filter((id) => id === washer.id).length;
    return count > 0 ? [{ ...washer, count }] : [];
  });
}

function narrowest(
  slots: Record<Side, SlotFitResult>,
  flatsMm: number,
  leftMm: number | null,
  rightMm: number | null,
): number | null {
  if (leftMm === null || rightMm === null) return null;
  const filed = (side: Side, slotMm: number) => slotMm + (slots[side].fileMm ?? Math.max(0, flatsMm - slotMm));
  return Math.min(filed('left', leftMm), filed('right', rightMm));
}
