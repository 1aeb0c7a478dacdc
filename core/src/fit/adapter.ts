import { endAdapter, type EndAdapterResult } from '../end-adapter';
import type { Wheel } from '../parts';
import type { FitInput } from './contract';

/** A kit with end adapters, as it stands once they are on. */
export interface Adapted {
  input: FitInput;
  adapter: EndAdapterResult | null;
}

/**
 * The kit built up for a closed end by the adapters that it comes with; the kit as it is anywhere else, or as long as
 * spacing and holes are not measured. What the build moves (shoulders, rotor, rim, smallest sprocket) is moved before
 * anything else is judged.
 */
export function adapted(input: FitInput): Adapted {
  const { facts, wheel, limits } = input;
  const set = wheel.kit?.hub.adapters;
  const holes = { left: facts.sides.left.holeMm, right: facts.sides.right.holeMm };
  const { spacingMm } = facts;
  if (!set || facts.kind !== 'closed' || spacingMm === null || holes.left === null || holes.right === null) {
    return { input, adapter: null };
  }
  const thickness = facts.lengths.get('rotor-thickness')?.valueMm ?? undefined;
  const braked = facts.brake === 'disc' && wheel.rotorFaceMm !== null && facts.rotorFaceMm !== null;
  const adapter = endAdapter({
    ...set,
    spacingMm,
    holesMm: { left: holes.left, right: holes.right },
    ...(braked && { rotorFaceMm: facts.rotorFaceMm! }),
    hub: {
      baseWidthMm: wheel.shoulderWidthMm,
      ...(braked && { rotorFaceMm: wheel.rotorFaceMm! }),
      sprockets: wheel.smallSprocketMm !== null,
    },
    ...(thickness !== undefined && { rotorThicknessMm: thickness }),
    ...(limits && { limits }),
  });
  return { input: adapter.build ? { ...input, wheel: builtUp(wheel, adapter) } : input, adapter };
}

function builtUp(wheel: Wheel, { build }: EndAdapterResult): Wheel {
  const set = wheel.kit!.hub.adapters!;
  const { left, right, rotorSpacer, widthMm } = build!;
  const long = ({ extender, endCap }: { extender: string | null; endCap: string }) =>
    (set.extenders.find(({ id }) => id === extender)?.lengthMm ?? 0) +
    set.endCaps.find(({ id }) => id === endCap)!.lengthMm;
  const [leftMm, rightMm] = [long(left), long(right)];
  const spacerMm = set.rotorSpacers.find(({ id }) => id === rotorSpacer)?.thicknessMm ?? 0;
  return {
    ...wheel,
    shoulderWidthMm: widthMm,
    rotorFaceMm: wheel.rotorFaceMm === null ? null : wheel.rotorFaceMm + leftMm - spacerMm,
    smallSprocketMm: wheel.smallSprocketMm === null ? null : wheel.smallSprocketMm + rightMm,
    // The middle between the shoulders moves to the longer side, the rim stays where it is.
    rimOffsetMm: wheel.rimOffsetMm - (rightMm - leftMm) / 2,
    kit: {
      ...wheel.kit!,
      hub: { ...wheel.kit!.hub, throughMm: set.endCaps.find(({ id }) => id === left.endCap)!.boreMm },
    },
  };
}
