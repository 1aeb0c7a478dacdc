import type { ArmPlacement } from '../arm-fit';
import type { Side } from '../features';
import { motorTorque, type MotorTorqueResult } from '../motor-torque';
import type { SlotFitResult } from '../slot-fit';
import { nutTorqueNm, type TorqueReactionInput, type TorqueSide } from '../torque-reaction';
import { torqueArms } from './arms';
import type { FitInput } from './contract';
import { wheelRadiusM } from '../wheel-radius';

/** Torque of the kit's motor; null as long as nobody has recorded the kit. */
export function kitTorque({ wheel, beside }: FitInput): MotorTorqueResult | null {
  const { kit } = wheel;
  if (!kit) return null;
  const { kv, windingOhm, noLoadA, statedNm, ratedW } = kit.motor;
  const { phaseA, fullV } = kit.controller;
  const batteryA = least(kit.controller.batteryA, beside?.sharedBatteryA);
  return motorTorque({
    ...given({ kv, windingOhm, noLoadA, statedNm, phaseA, batteryA }),
    powerW: ratedW,
    fullV,
    wheelRadiusM: wheelRadiusM(wheel.beadSeatMm),
  });
}

function least(one: number | undefined, other: number | undefined): number | undefined {
  if (one === undefined || other === undefined) return one ?? other;
  return Math.min(one, other);
}

/** Everything that holds the axle of this wheel at this end; null until it is measured. */
export function torqueInput(
  input: FitInput,
  slots: Record<Side, SlotFitResult>,
  arms: readonly ArmPlacement[],
  peakTorqueNm: number,
): TorqueReactionInput | null {
  const { facts, wheel, stores } = input;
  const bySide = torqueArms(arms, stores, wheel.axle.threadMm);
  const left = torqueSide(input, 'left', slots.left, bySide.left);
  const right = torqueSide(input, 'right', slots.right, bySide.right);
  if (!left || !right) return null;
  const throughMm = wheel.kit?.hub.throughMm;
  const phaseA = wheel.kit?.controller.phaseA;
  return {
    end: facts.end,
    peakTorqueNm,
    regen: wheel.regen,
    axle: {
      threadMm: wheel.axle.threadMm,
      flatsMm: wheel.axle.flatsMm,
      ...(throughMm !== undefined && { throughMm }),
    },
    sides: { left, right },
    ...(phaseA !== undefined && { phaseA }),
    ...(input.limits && { limits: input.limits }),
  };
}

function torqueSide(
  { facts, wheel, nutTorqueNm: planned }: FitInput,
  side: Side,
  slot: SlotFitResult,
  arms: TorqueSide['arms'],
): TorqueSide | null {
  const here = facts.sides[side];
  const { material } = facts;
  const through = wheel.kit?.hub.throughMm !== undefined;
  const slotMm = through ? wheel.axle.threadMm : slotAfterFilingMm(here.slotMaxMm, here.slotMinMm, slot.fileMm);
  if (material === null || slotMm === null || here.plateMm === null) return null;
  // Inside a lip the C-washer bears, and it is narrower than the nut.
  const faceDiameterMm = Math.min(wheel.nutFlangeMm, slot.cWasher?.outerMm ?? Infinity);
  return {
    material,
    ...(facts.suspension !== null && { suspension: facts.suspension }),
    slotMm,
    ...(slot.flatEngagedMm !== null && { flatEngagedMm: slot.flatEngagedMm }),
    plateMm: here.plateMm,
    nutTorqueNm: planned ?? nutTorqueNm(wheel.axle.threadMm, material),
    faceDiameterMm: Math.max(faceDiameterMm, wheel.axle.threadMm + 0.5),
    filedMm: slot.fileMm ?? 0,
    ...(facts.makerApproval && { approval: { by: 'maker', date: 'with the job', document: 'with the job' } }),
    arms,
  };
}

function slotAfterFilingMm(maxMm: number | null, minMm: number | null, fileMm: number | null): number | null {
  if (maxMm === null || minMm === null) return null;
  return Math.max(maxMm, minMm + (fileMm ?? 0));
}

function given<T extends object>(values: T): { [K in keyof T]?: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]?: Exclude<T[K], undefined>;
  };
}
