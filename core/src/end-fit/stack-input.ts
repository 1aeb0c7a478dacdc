import { withLimits } from '../limits';
import type { AxleStackInput } from '../axle-stack';
import type { Side } from '../features';
import { usableWashers } from '../parts';
import type { SlotFitResult } from '../slot-fit';
import type { EndFitInput, OutsidePart } from './contract';

/** Room that the chain needs beside the smallest sprocket, by speeds, in mm. */
const sprocketGapMm: Record<number, number> = { 5: 4, 6: 4, 7: 3.7, 8: 3.6, 9: 3.4, 10: 3.2, 11: 3, 12: 2.9 };

/**
 * The stack's input from facts, wheel and stores, or null as long as something that it needs is not measured.
 */
export function stackInput(
  { facts, wheel, stores, delivered, limits }: EndFitInput,
  slots: Record<Side, SlotFitResult>,
  outside: Record<Side, OutsidePart[]>,
): AxleStackInput | null {
  const { left, right } = facts.sides;
  const { material, spacingMm, suspension, frameOffsetMm, brake } = facts;
  if (material === null || spacingMm === null || left.plateMm === null || right.plateMm === null) return null;
  if (suspension === null || frameOffsetMm === null || brake === null) return null;
  if (brake === 'disc' && facts.rotorFaceMm === null) return null;
  const slotMm = narrowest(slots, wheel.axle.flatsMm, left.slotMinMm, right.slotMinMm);
  const parts = delivered ?? wheel.delivered;
  const sizes = (kind: 'rotor-shim' | 'caliper-shim') =>
    stores.flatMap((item) =>
      item.kind === kind ? Array.from({ length: Math.min(2, item.count) }, () => item.thicknessMm) : [],
    );
  const hasRotor = brake === 'disc' && facts.rotorFaceMm !== null && wheel.rotorFaceMm !== null;
  const hasSprocket = wheel.smallSprocketMm !== null && facts.speeds !== null && facts.speeds > 0;
  const tabs = facts.kind === 'open';
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
      ...(hasRotor && { rotorFaceMm: facts.rotorFaceMm!, caliperShimsMm: sizes('caliper-shim') }),
      ...(hasSprocket && { sprocketGapMinMm: sprocketGapMm[facts.speeds!] ?? 4 }),
    },
    outside: {
      left: outside.left.map(({ id, thicknessMm }) => ({ id, thicknessMm })),
      right: outside.right.map(({ id, thicknessMm }) => ({ id, thicknessMm })),
    },
    nutMm: wheel.nutMm,
    tabs: { left: tabs, right: tabs },
    washers: usableWashers(stores, [...parts.left, ...parts.right], {
      threadMm: wheel.axle.threadMm,
      flatsMm: wheel.axle.flatsMm,
      slotMm,
      plateMm: Math.min(left.plateMm, right.plateMm),
      limits: withLimits(limits),
    }),
    rotorShims: hasRotor ? sizes('rotor-shim') : [],
    ...(limits && { limits }),
  };
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
