import { endAdapter, openBuilds, type EndAdapterResult, type EndBuild } from '../end-adapter';
import type { Wheel } from '../parts';
import type { FitInput } from './contract';

/** A kit with end adapters, as it stands once they are on. */
export interface Adapted {
  input: FitInput;
  adapter: EndAdapterResult | null;
}

/**
 * The ways in which a kit is built up for an end by the adapters that it comes with, the plainest first. A closed end has
 * one; at an open end each set of extenders that goes in is a way, as is the hub without any, and washers decide. The kit
 * stays as it is as long as spacing and holes are not measured. What a build moves (shoulders, rotor, rim, smallest sprocket)
 * is moved before anything else is judged.
 */
export function adapted(input: FitInput): Adapted[] {
  const { facts, wheel, limits } = input;
  const plain = { input, adapter: null };
  const hub = wheel.kit?.hub;
  const holes = { left: facts.sides.left.holeMm, right: facts.sides.right.holeMm };
  const { kind, spacingMm } = facts;
  if (!hub?.adapters || kind === null || spacingMm === null) return [plain];
  const thickness = facts.lengths.get('rotor-thickness')?.valueMm ?? undefined;
  const braked = facts.brake === 'disc' && wheel.rotorFaceMm !== null && facts.rotorFaceMm !== null;
  const set = {
    ...hub.adapters,
    spacingMm,
    ...(braked && { rotorFaceMm: facts.rotorFaceMm! }),
    hub: {
      baseWidthMm: wheel.shoulderWidthMm,
      ...(braked && { rotorFaceMm: wheel.rotorFaceMm! }),
      sprockets: wheel.smallSprocketMm !== null,
    },
    ...(thickness !== undefined && { rotorThicknessMm: thickness }),
    ...(limits && { limits }),
  };
  const withBuild = (adapter: EndAdapterResult): Adapted => ({
    input: adapter.build ? { ...input, wheel: builtUp(wheel, adapter.build) } : input,
    adapter,
  });
  if (kind === 'closed') {
    if (holes.left === null || holes.right === null) return [plain];
    return [withBuild(endAdapter({ ...set, holesMm: { left: holes.left, right: holes.right } }))];
  }
  // A hub that only goes on a through axle has nothing to put into a slot.
  if (hub.throughMm !== undefined) return [plain];
  return [plain, ...openBuilds(set).filter(hasExtender).map(withBuild)];
}

function hasExtender({ build }: EndAdapterResult): boolean {
  return build !== null && (build.left.extender !== null || build.right.extender !== null);
}

function builtUp(wheel: Wheel, { left, right, rotorSpacer, widthMm }: EndBuild): Wheel {
  const set = wheel.kit!.hub.adapters!;
  const capOf = (id: string | null) => set.endCaps.find((cap) => cap.id === id);
  const long = ({ extender, endCap }: EndBuild['left']) =>
    (set.extenders.find(({ id }) => id === extender)?.lengthMm ?? 0) + (capOf(endCap)?.lengthMm ?? 0);
  const [leftMm, rightMm] = [long(left), long(right)];
  const spacerMm = set.rotorSpacers.find(({ id }) => id === rotorSpacer)?.thicknessMm ?? 0;
  const throughMm = capOf(left.endCap)?.boreMm;
  const { axle } = wheel;
  return {
    ...wheel,
    shoulderWidthMm: widthMm,
    // An extender sits on the axle: so much less of it stands out.
    axle: {
      ...axle,
      leftMm: Math.max(0, axle.leftMm - leftMm),
      rightMm: Math.max(0, axle.rightMm - rightMm),
      threadFromLeftMm: Math.max(0, axle.threadFromLeftMm - leftMm),
      threadFromRightMm: Math.max(0, axle.threadFromRightMm - rightMm),
    },
    rotorFaceMm: wheel.rotorFaceMm === null ? null : wheel.rotorFaceMm + leftMm - spacerMm,
    smallSprocketMm: wheel.smallSprocketMm === null ? null : wheel.smallSprocketMm + rightMm,
    // The middle between the shoulders moves to the longer side, the rim stays where it is.
    rimOffsetMm: wheel.rimOffsetMm - (rightMm - leftMm) / 2,
    kit: { ...wheel.kit!, hub: { ...wheel.kit!.hub, ...(throughMm !== undefined && { throughMm }) } },
  };
}
