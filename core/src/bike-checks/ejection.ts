import type { Limits } from '../limits';
import { dust, finding, type Finding } from '../verdict';
import type { BikeChecksInput } from './contract';
import { gravity, gripOn, usual } from './forces';

interface Ejection {
  ejectionN: number;
  clampN: number;
}

/** Force on the disc side's axle end under the hardest braking, and what that leg's clamping holds. */
export function ejection(
  { frontDisc, massKg, surface = 'dry', wheelRadiusM }: BikeChecksInput,
  limits: Limits,
): Ejection | null {
  if (!frontDisc) return null;
  const wheel = wheelRadiusM ?? usual.wheelRadiusM;
  const ejectionN = (gripOn(surface, limits) * massKg.after * gravity * wheel) / (frontDisc.rotorMm / 2000);
  const preloadN = (limits.preloadShare * frontDisc.nutTorqueNm) / (limits.nutFactor * (frontDisc.threadMm / 1000));
  return { ejectionN, clampN: 2 * limits.frictionCoefficient * preloadN };
}

/**
 * Tabs on both sides and the nuts at their torque are asked for always. With a retaining lip clamping that holds goes, and
 * the lip holds where it does not; without a lip clamping alone must hold with more room, and is looked at before each ride.
 */
export function ejectionFinding(read: BikeChecksInput, { ejectionN, clampN }: Ejection, limits: Limits): Finding {
  const disc = read.frontDisc!;
  const factor = disc.lipKept ? limits.ejectionFactor : limits.ejectionBareFactor;
  const wanted = factor * ejectionN;
  const holds = clampN >= wanted - dust;
  const missing = missingOf(disc);
  const verdict = missing.length > 0 || (!holds && !disc.lipKept) ? 'stop' : holds && disc.lipKept ? 'goes' : 'work';
  const bare = disc.lipKept ? '' : ' This fork has no lip to hold a wheel whose nuts are slack.';
  return finding(
    'ejection',
    verdict,
    `Braking pushes the axle out of its slot with ${Math.round(ejectionN)} N; clamping holds ${Math.round(clampN)} N.${bare}`,
    { measured: clampN, limit: wanted, margin: clampN - wanted, unit: 'N' },
    verdict === 'goes' ? [] : waysOut(read, missing, factor, limits),
  );
}

function missingOf(disc: NonNullable<BikeChecksInput['frontDisc']>): string[] {
  return [
    ...(disc.tabs.left && disc.tabs.right ? [] : ['Fit a tabbed washer or lock plate on both sides.']),
    ...(disc.nutTorqueNm >= disc.nutSpecNm - dust ? [] : [`Tighten the nuts to ${disc.nutSpecNm} N·m.`]),
  ];
}

/** What makes it hold on this fork, done together; or what takes the rotor off it. */
function waysOut(read: BikeChecksInput, missing: readonly string[], factor: number, limits: Limits): string[] {
  const disc = read.frontDisc!;
  const nutTorqueNm = Math.max(disc.nutTorqueNm, disc.nutSpecNm);
  const holdsWith = (rotorMm: number) => {
    const { ejectionN, clampN } = ejection({ ...read, frontDisc: { ...disc, nutTorqueNm, rotorMm } }, limits)!;
    return clampN >= factor * ejectionN - dust;
  };
  const larger = holdsWith(disc.rotorMm)
    ? null
    : (limits.rotorSizesMm.find((mm) => mm > disc.rotorMm && mm <= (disc.maxRotorMm ?? 0) && holdsWith(mm)) ?? null);
  const enough = holdsWith(disc.rotorMm) || disc.lipKept;
  const together = [
    ...missing,
    ...(larger === null ? [] : [`Take a ${larger} mm rotor: it pushes less, and the fork allows it.`]),
  ];
  return [
    ...((enough || larger !== null) && together.length > 0 ? [together.join(' ')] : []),
    ...(enough && missing.length === 0 ? ['Check the nuts before every ride, and say so on the rider’s sheet.'] : []),
    ...(enough && missing.length === 0
      ? []
      : [
          ...(disc.rimBrake ? ['Brake on the rim instead: fork and rim are made for it.'] : []),
          'Fit the motor at the rear: a bare wheel with a skewer keeps this fork as its maker built it.',
        ]),
  ];
}
