import { said } from '../said';
import { Amount, Optional, InputError, readInput } from '../input';

export class MotorTorqueInput {
  /** No-load speed of the wheel per volt, rpm/V. */
  @Optional() @Amount(0.5, 60, 'rpm/V') kv?: number;
  /** Winding resistance between two phases. */
  @Optional() @Amount(0.005, 5, 'Ω') windingOhm?: number;
  /** Current that the motor takes turning free. */
  @Optional() @Amount(0, 10, 'A') noLoadA?: number;
  /** Phase current limit of the controller. */
  @Optional() @Amount(1, 400, 'A') phaseA?: number;
  /** Battery current limit of the controller. */
  @Optional() @Amount(1, 200, 'A') batteryA?: number;
  /** Battery voltage, fully charged. */
  @Amount(5, 120, 'V') fullV!: number;
  /** Torque as the maker states it. */
  @Optional() @Amount(1, 300, 'N·m') statedNm?: number;
  /** Rated power, for the rough form. */
  @Optional() @Amount(50, 6000, 'W') powerW?: number;
  /** Rolling radius; 0.334 (a 28 inch wheel) when left out. */
  @Optional() @Amount(0.1, 0.5, 'm') wheelRadiusM?: number;
}

export interface MotorTorqueResult {
  /** The larger of the computed and the stated torque. */
  peakTorqueNm: number;
  /** Torque constant at the wheel; absent without kv. */
  ktNmPerA?: number;
  /** Motor current at standstill; absent without the constants. */
  standstillA?: number;
  /** True when only rated power was known. */
  rough: boolean;
  /** What the torque follows from. */
  basis: 'constants' | 'stated' | 'power';
}

/** No-load speed that is usual for a rated power, in W and km/h [J]. */
const usualSpeeds = [
  [250, 30],
  [500, 36],
  [750, 40],
  [1000, 45],
  [1500, 50],
] as const;

/** A 28 inch wheel. */
const usualWheelRadiusM = 0.334;

/**
 * How hard can this motor turn the wheel from standstill?
 *
 * Kt = 60/(2π·kv); I = min(phaseA, sqrt(batteryA·V/windingOhm), V/windingOhm), absent terms left out; T = Kt·(I − noLoadA).
 * The larger of that and the stated figure counts: the axle must hold either. Without a current limit the rough form
 * T = 2.5·P·0.8/ω serves, with ω at 60 % of the no-load speed usual for that power.
 *
 * @param input - motor constants at the wheel, controller limits, stated torque, rated power
 * @returns peak torque in N·m
 * @throws InputError for values out of range, or when nothing is given that torque follows from
 *
 * @example
 * motorTorque({ kv: 8, windingOhm: 0.15, noLoadA: 0.8, phaseA: 30, batteryA: 15, fullV: 42 })
 * // { peakTorqueNm: 34.9, ktNmPerA: 1.19, standstillA: 30, rough: false, basis: 'constants' }
 */
export function motorTorque(input: MotorTorqueInput): MotorTorqueResult {
  const read = readInput(MotorTorqueInput, input);
  const computed = fromConstants(read);
  const stated = read.statedNm ?? 0;
  if (computed && computed.torqueNm > 0 && computed.torqueNm >= stated) {
    return { peakTorqueNm: computed.torqueNm, ...constants(computed), rough: false, basis: 'constants' };
  }
  if (computed && stated > 0) return { peakTorqueNm: stated, ...constants(computed), rough: false, basis: 'stated' };
  const rough = fromPower(read);
  if (rough !== null && rough >= stated) return { peakTorqueNm: rough, rough: true, basis: 'power' };
  if (stated > 0) return { peakTorqueNm: stated, rough: false, basis: 'stated' };
  throw new InputError('powerW', read.powerW, said('motor-torque.given-or-statednm-or-kv-with'));
}

interface Computed {
  torqueNm: number;
  ktNmPerA: number;
  standstillA: number;
}

const constants = ({ ktNmPerA, standstillA }: Computed) => ({ ktNmPerA, standstillA });

function fromConstants({ kv, windingOhm, noLoadA = 0, phaseA, batteryA, fullV }: MotorTorqueInput): Computed | null {
  if (kv === undefined) return null;
  const currents: number[] = [];
  if (phaseA !== undefined) currents.push(phaseA);
  if (batteryA !== undefined && windingOhm !== undefined) currents.push(Math.sqrt((batteryA * fullV) / windingOhm));
  // A winding alone says what a short circuit takes, not what the controller allows.
  if (currents.length === 0) return null;
  if (windingOhm !== undefined) currents.push(fullV / windingOhm);
  const ktNmPerA = 60 / (2 * Math.PI * kv);
  const standstillA = Math.min(...currents);
  return { torqueNm: ktNmPerA * Math.max(0, standstillA - noLoadA), ktNmPerA, standstillA };
}

function fromPower({ powerW, wheelRadiusM = usualWheelRadiusM }: MotorTorqueInput): number | null {
  if (powerW === undefined) return null;
  const omega = (0.6 * usualNoLoadKmh(powerW)) / 3.6 / wheelRadiusM;
  return (2.5 * powerW * 0.8) / omega;
}

function usualNoLoadKmh(powerW: number): number {
  const [first] = usualSpeeds;
  if (powerW <= first[0]) return first[1];
  for (let at = 1; at < usualSpeeds.length; at++) {
    const [lowW, lowKmh] = usualSpeeds[at - 1]!;
    const [highW, highKmh] = usualSpeeds[at]!;
    if (powerW <= highW) return lowKmh + ((highKmh - lowKmh) * (powerW - lowW)) / (highW - lowW);
  }
  return usualSpeeds[usualSpeeds.length - 1]![1];
}
