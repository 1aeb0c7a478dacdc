import { said, sentences, type Said } from '../said';
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
  return finding(
    'ejection',
    verdict,
    said('bike-checks.braking-pushes-axle-out-of-its', {
      ejectionN: Math.round(ejectionN),
      clampN: Math.round(clampN),
      lip: disc.lipKept ? 'kept' : 'none',
    }),
    { measured: clampN, limit: wanted, margin: clampN - wanted, unit: 'N' },
    verdict === 'goes' ? [] : waysOut(read, missing, factor, limits),
  );
}

function missingOf(disc: NonNullable<BikeChecksInput['frontDisc']>): Said[] {
  return [
    ...(disc.tabs.left && disc.tabs.right ? [] : [said('bike-checks.fit-tabbed-washer-or-lock-plate')]),
    ...(disc.nutTorqueNm >= disc.nutSpecNm - dust
      ? []
      : [said('bike-checks.tighten-nuts-to', { nutSpecNm: disc.nutSpecNm })]),
  ];
}

/** What makes it hold on this fork, done together; or what takes the rotor off it. */
function waysOut(read: BikeChecksInput, missing: readonly Said[], factor: number, limits: Limits): Said[] {
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
  const together = [...missing, ...(larger === null ? [] : [said('bike-checks.take-larger-rotor', { larger })])];
  return [
    ...((enough || larger !== null) && together.length > 0 ? [sentences(together)] : []),
    ...(enough && missing.length === 0 ? [said('bike-checks.check-nuts-before-every-ride-and')] : []),
    ...(enough && missing.length === 0
      ? []
      : [
          ...(disc.rimBrake ? [said('bike-checks.brake-on-rim-instead-fork-and')] : []),
          said('bike-checks.fit-motor-at-rear-bare-wheel'),
        ]),
  ];
}
