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

/** Tabs both sides, nut at its torque and the lip kept are asked for always; without a margin the lip alone holds. */
export function ejectionFinding(
  { frontDisc }: BikeChecksInput,
  { ejectionN, clampN }: Ejection,
  limits: Limits,
): Finding {
  const disc = frontDisc!;
  const wanted = limits.ejectionFactor * ejectionN;
  const missing = [
    ...(disc.tabs.left && disc.tabs.right ? [] : ['Fit a tabbed washer on both sides.']),
    ...(disc.nutTorqueNm >= disc.nutSpecNm - dust ? [] : [`Tighten the nuts to ${disc.nutSpecNm} N·m.`]),
    ...(disc.lipKept ? [] : ['Keep the retaining lip: seat the nut inside it with a C-washer.']),
  ];
  const holds = clampN >= wanted - dust;
  const verdict = missing.length > 0 ? 'stop' : holds ? 'goes' : 'work';
  return finding(
    'ejection',
    verdict,
    `Braking pushes the axle out of its slot with ${Math.round(ejectionN)} N; clamping holds ${Math.round(clampN)} N.`,
    { measured: clampN, limit: wanted, margin: clampN - wanted, unit: 'N' },
    holds
      ? missing
      : [...missing, 'Take a larger rotor within what the fork allows, or check the nuts before every ride.'],
  );
}
