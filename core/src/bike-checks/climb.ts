import { said } from '../said';
import type { Limits } from '../limits';
import { dust, finding, graded, type Finding } from '../verdict';
import type { BikeChecksInput, BikeChecksResult } from './contract';
import { usual } from './forces';

type Figures = Pick<BikeChecksResult, 'gripN' | 'neededN' | 'windingC'>;

/** Grip, torque and heat on the rider's climb. */
export function climbFindings(
  read: BikeChecksInput,
  { gripN, neededN, windingC }: Figures,
  limits: Limits,
  windingAfter: (minutes: number) => number | null,
): Finding[] {
  if (!read.climb || !read.drive || gripN === null || neededN === null) return [];
  const radius = read.wheelRadiusM ?? usual.wheelRadiusM;
  const thrustN = read.drive.peakTorqueNm / radius;
  const findings = [tractionRule(read, gripN, neededN, thrustN), torqueRule(read, neededN, thrustN)];
  if (windingC !== null) findings.push(heatRule(read, windingC, limits, windingAfter));
  return findings;
}

function tractionRule({ drive, climb }: BikeChecksInput, gripN: number, neededN: number, thrustN: number): Finding {
  const figures = (limit: number) => ({ measured: gripN, limit, margin: gripN - limit, unit: 'N' });
  const where = said('bike-checks.on-wheel-can-put-down', {
    gradePercent: climb!.gradePercent,
    end: drive!.end,
    gripN: Math.round(gripN),
  });
  if (gripN < neededN - dust) {
    return finding(
      'traction',
      'work',
      said('bike-checks.climb-asks-motor-for-it-will', { where, neededN: Math.round(neededN) }),
      figures(neededN),
      [drive!.end === 'front' ? said('shared.fit-motor-at-rear') : said('bike-checks.take-tyre-with-more-grip-or')],
    );
  }
  if (gripN < thrustN - dust) {
    return finding(
      'traction',
      'goes',
      said('bike-checks.enough-for-climb-at-full-thrust', { where, thrustN: Math.round(thrustN) }),
      figures(neededN),
    );
  }
  return finding(
    'traction',
    'goes',
    said('bike-checks.more-than-motor', { where, thrustN: Math.round(thrustN) }),
    figures(thrustN),
  );
}

function torqueRule({ climb }: BikeChecksInput, neededN: number, thrustN: number): Finding {
  const goes = thrustN >= neededN - dust;
  return finding(
    'climb-torque',
    goes ? 'goes' : 'work',
    said('bike-checks.climb-of-asks-motor-for-it', {
      gradePercent: climb!.gradePercent,
      neededN: Math.round(neededN),
      thrustN: Math.round(thrustN),
    }),
    { measured: thrustN, limit: neededN, margin: thrustN - neededN, unit: 'N' },
    goes ? [] : [said('bike-checks.take-stronger-motor-or-tell-rider')],
  );
}

function heatRule(
  { motor, climb }: BikeChecksInput,
  windingC: number,
  limits: Limits,
  windingAfter: (minutes: number) => number | null,
): Finding {
  const direct = motor!.kind === 'direct';
  const goes = direct ? limits.windingDirectC : limits.windingGearedC;
  const most = direct ? limits.windingStopDirectC : limits.windingStopGearedC;
  const verdict = graded(goes - windingC, most - windingC);
  const minutes = climb!.minutes ?? 10;
  const inOneGo = verdict === 'goes' ? null : minutesUpTo(minutes, goes, windingAfter);
  return finding(
    'hub-heat',
    verdict,
    said('bike-checks.after-on-winding-is-at-c', {
      minutes,
      gradePercent: climb!.gradePercent,
      windingCPart: windingC >= 399 ? said('bike-checks.over-400') : Math.round(windingC),
      goes,
      most,
    }),
    { measured: windingC, limit: goes, margin: goes - windingC, unit: '°C' },
    verdict === 'goes'
      ? []
      : [
          said('bike-checks.take-motor-with-slower-winding-or'),
          ...(inOneGo === null
            ? [said('bike-checks.walk-that-climb-or-pedal-it')]
            : [said('bike-checks.rest-on-that-climb-at-most', { inOneGo })]),
        ],
  );
}

/** Longest climb in whole minutes after which the winding is no hotter than this; null when one is too long. */
function minutesUpTo(minutes: number, goesC: number, windingAfter: (minutes: number) => number | null): number | null {
  for (let tried = Math.ceil(minutes) - 1; tried >= 1; tried--) {
    const after = windingAfter(tried);
    if (after !== null && after <= goesC + dust) return tried;
  }
  return null;
}
