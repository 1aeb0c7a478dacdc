import { readInput } from '../input';
import { withLimits } from '../limits';
import { worstFirst, worstOf, type Finding } from '../verdict';
import { brakeFindings } from './brakes';
import { BikeChecksInput, type BikeChecksResult } from './contract';
import { descentHeatW, takesW } from './descent';
import { ejection, ejectionFinding } from './ejection';
import { drivenLoadN, gripOn, gravity, rollingResistance, slope, stoppingDistanceM, usual } from './forces';
import { usualThermal, windingAfterC } from './hub-heat';
import { climbFindings } from './climb';
import { endStateFindings, ratingFindings } from './ratings';

/**
 * Is the bike itself up to the new speed and mass: brakes, front disc, grip, motor heat, ratings, end condition?
 *
 * Descent heat (m·g·sin θ − rolling − air)·v against what the brakes take; stopping distance with load shift; a front disc
 * pushes its axle out of an open slot with µ·m·g·r_wheel/r_rotor; grip µ × load on the driven wheel, with the slope's
 * shift; winding temperature after the climb from two heat stores.
 *
 * @param input - masses, speeds, brakes, the rider's grades, motor, rated parts, condition
 * @returns verdict, findings and the figures behind them
 * @throws InputError for values out of range
 */
export function bikeChecks(input: BikeChecksInput): BikeChecksResult {
  const read = readInput(BikeChecksInput, input);
  const limits = withLimits(read.limits);
  const stoppingM = {
    before: stoppingDistanceM(read, read.massKg.before, read.speedKmh.before),
    after: stoppingDistanceM(read, read.massKg.after, read.speedKmh.after),
  };
  const descentW = descentHeatW(read);
  const brakesTakeW = takesW(read.brakes, limits);
  const pushed = ejection(read, limits);
  const climb = climbFigures(read);
  const findings: Finding[] = [
    ...brakeFindings(read, stoppingM, descentW, brakesTakeW, limits),
    ...(pushed ? [ejectionFinding(read, pushed, limits)] : []),
    ...climbFindings(
      read,
      climb,
      limits,
      (minutes) => climbFigures({ ...read, climb: { ...read.climb!, minutes } }).windingC,
    ),
    ...ratingFindings(read),
    ...endStateFindings(read, limits),
  ];
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    stoppingM,
    descentW,
    brakesTakeW,
    ejectionN: pushed?.ejectionN ?? null,
    clampN: pushed?.clampN ?? null,
    ...climb,
  };
}

/** What the climb asks of the motor, what the wheel can put down, and how hot the winding gets. */
function climbFigures(read: BikeChecksInput): Pick<BikeChecksResult, 'gripN' | 'neededN' | 'windingC'> {
  const { climb, drive, motor } = read;
  if (!climb || !drive) return { gripN: null, neededN: null, windingC: null };
  const radius = read.wheelRadiusM ?? usual.wheelRadiusM;
  const speedMs = (climb.speedKmh ?? 12) / 3.6;
  const angle = slope(climb.gradePercent);
  const resists = read.massKg.after * gravity * (Math.sin(angle) + rollingResistance * Math.cos(angle));
  const neededN = Math.max(0, resists - ((climb.riderW ?? 80) * 0.96) / speedMs);
  const limits = withLimits(read.limits);
  const gripN = gripOn(read.surface ?? 'dry', limits) * drivenLoadN(read, drive.end, climb.gradePercent);
  if (!motor) return { gripN, neededN, windingC: null };
  const windingC = windingAfterC({
    thermal: motor.thermal ?? usualThermal(motor.kind, limits),
    windingOhm: motor.windingOhm,
    noLoadA: motor.noLoadA,
    ktNmPerA: motor.ktNmPerA,
    torqueNm: Math.min(drive.peakTorqueNm, neededN * radius),
    speedMs,
    wheelRadiusM: radius,
    seconds: 60 * (climb.minutes ?? 10),
    airC: climb.airC ?? 25,
  });
  return { gripN, neededN, windingC };
}
