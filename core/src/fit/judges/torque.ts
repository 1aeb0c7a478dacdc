import { said } from '../../said';
import type { ArmPlacement } from '../../arm-fit';
import type { Stack } from '../../axle-stack';
import type { Side } from '../../features';
import { motorTorque, type MotorTorqueResult } from '../../motor-torque';
import type { Material } from '../../materials';
import type { SlotFitResult } from '../../slot-fit';
import { statedFor } from '../../stated-torques';
import { nutAimNm, type TorqueReactionInput, type TorqueSide } from '../../torque-reaction';
import { told, type Finding } from '../../verdict';
import { torqueArms } from './arms';
import type { FitInput } from '../contract';
import { wheelRadiusM } from '../../wheel-radius';
import { judging, type Judge } from './judge';

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
  stack: Stack | null = null,
): TorqueReactionInput | null {
  const { facts, wheel, stores } = input;
  const bySide = torqueArms(arms, stores, wheel.axle.threadMm);
  const left = torqueSide(input, 'left', slots.left, bySide.left, stack);
  const right = torqueSide(input, 'right', slots.right, bySide.right, stack);
  if (!left || !right) return null;
  const throughMm = wheel.kit?.hub.throughMm;
  const phaseA = limitingPhaseA(input);
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

/** The phase current, where the motor's torque follows from it: else turning it down by amperes promises nothing. */
function limitingPhaseA(input: FitInput): number | undefined {
  const phaseA = input.wheel.kit?.controller.phaseA;
  const motor = kitTorque(input);
  const stated = input.wheel.kit?.motor.statedNm !== undefined;
  const limits = !stated && motor?.basis === 'constants' && phaseA !== undefined && motor.standstillA === phaseA;
  return limits ? phaseA : undefined;
}

function torqueSide(
  input: FitInput,
  side: Side,
  slot: SlotFitResult,
  arms: TorqueSide['arms'],
  stack: Stack | null,
): TorqueSide | null {
  const { facts, wheel, approval } = input;
  const here = facts.sides[side];
  const { material, bladeMaterial } = facts;
  const through = wheel.kit?.hub.throughMm !== undefined;
  const slotMm = through ? wheel.axle.threadMm : slotAfterFilingMm(here.slotMaxMm, here.slotMinMm, slot.fileMm);
  // Blade or stay may be weaker than the dropout: until both are known nothing is said of the torque.
  if (material === null || bladeMaterial === null || facts.suspension === null) return null;
  if (slotMm === null || here.plateMm === null) return null;
  // Inside a lip the C-washer bears, and it is narrower than the nut.
  const faceDiameterMm = Math.min(wheel.nutFlangeMm, slot.cWasher?.outerMm ?? Infinity);
  return {
    material,
    bladeMaterial,
    suspension: facts.suspension,
    slotMm,
    ...(slot.flatEngagedMm !== null && { flatEngagedMm: slot.flatEngagedMm }),
    plateMm: here.plateMm,
    ...nutPlan(input, material),
    ...(stack && { threadLeftMm: Number(stack.threadLeftMm[side].toFixed(6)) }),
    faceDiameterMm: Math.max(faceDiameterMm, wheel.axle.threadMm + 0.5),
    filedMm: Number(((slot.fileMm ?? 0) + slot.filedMm).toFixed(6)),
    ...(facts.makerApproval && approval && { approval }),
    arms,
  };
}

/** What the axle nuts are planned to get, and what the makers of kit and frame state for them. */
export function nutPlan(
  { facts, wheel, bike, nutTorqueNm: planned }: FitInput,
  material: Material,
): Pick<TorqueSide, 'nutTorqueNm' | 'statedNm' | 'statedUpTo'> {
  const stated = statedFor('axle-nut', facts.end, wheel.kit?.torques, bike.torques);
  const known = { ...(stated && { statedNm: stated.Nm, ...(stated.upTo && { statedUpTo: true }) }) };
  return { nutTorqueNm: planned ?? nutAimNm(wheel.axle.threadMm, { material, ...known }), ...known };
}

/** What is not known of the motor itself: from its rated power alone its torque is a guess, and no guess lets it go. */
function motorFindings({ wheel }: FitInput, motor: MotorTorqueResult | null): Finding[] {
  if (!motor) return [];
  if (motor.rough) {
    return [
      told(
        'motor-torque',
        'unknown',
        said('fit.motor-torque-about-is-guess-from', { peakTorqueNm: Math.round(motor.peakTorqueNm) }),
        [said('fit.find-out-rpm-per-volt-and')],
      ),
    ];
  }
  const known = { code: wheel.code, peakTorqueNm: Math.round(motor.peakTorqueNm) };
  return [
    told(
      'motor-torque',
      'goes',
      motor.basis === 'stated'
        ? said('fit.torque-as-its-maker-states', known)
        : said('fit.torque-from-standstill', known),
    ),
  ];
}

/** What rests on a guessed torque is not known either, however it comes out. */
function asRoughAs(motor: MotorTorqueResult | null, findings: readonly Finding[]): Finding[] {
  if (!motor?.rough) return [...findings];
  return findings.map((item) =>
    onTorque.has(item.id) && item.verdict !== 'stop' ? { ...item, verdict: 'unknown' as const } : item,
  );
}

const onTorque = new Set(['torque-cap', 'safety', 'safety-slack', 'two-arms']);

function slotAfterFilingMm(maxMm: number | null, minMm: number | null, fileMm: number | null): number | null {
  if (maxMm === null || minMm === null) return null;
  return Math.max(maxMm, minMm + (fileMm ?? 0));
}

function given<T extends object>(values: T): { [K in keyof T]?: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]?: Exclude<T[K], undefined>;
  };
}

/** What motor and nuts do to the dropouts. */
export const torqueJudges: readonly Judge[] = [
  judging('torque', [], ({ input, motor }) => motorFindings(input, motor)),
  judging('torque', ['torque'], ({ motor, torque }) => asRoughAs(motor, torque.findings)),
];
