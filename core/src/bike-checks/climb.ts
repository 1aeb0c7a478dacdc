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
  const where = `On ${climb!.gradePercent} % the ${drive!.end} wheel can put down ${Math.round(gripN)} N`;
  if (gripN < neededN - dust) {
    return finding(
      'traction',
      'work',
      `${where}; the climb asks the motor for ${Math.round(neededN)} N: it will spin.`,
      figures(neededN),
      [
        drive!.end === 'front'
          ? 'Fit the motor at the rear.'
          : 'Take a tyre with more grip, or shift load onto that wheel.',
      ],
    );
  }
  if (gripN < thrustN - dust) {
    return finding(
      'traction',
      'goes',
      `${where}, enough for the climb; at full thrust (${Math.round(thrustN)} N) it can spin.`,
      figures(neededN),
    );
  }
  return finding('traction', 'goes', `${where}: more than the motor's ${Math.round(thrustN)} N.`, figures(thrustN));
}

function torqueRule({ climb }: BikeChecksInput, neededN: number, thrustN: number): Finding {
  const goes = thrustN >= neededN - dust;
  return finding(
    'climb-torque',
    goes ? 'goes' : 'work',
    `The climb of ${climb!.gradePercent} % asks the motor for ${Math.round(neededN)} N; it has ${Math.round(thrustN)} N.`,
    { measured: thrustN, limit: neededN, margin: thrustN - neededN, unit: 'N' },
    goes ? [] : ['Take a stronger motor, or tell the rider to pedal harder or walk there.'],
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
    `After ${minutes} min on ${climb!.gradePercent} % the winding is at ${windingC >= 399 ? 'over 400' : Math.round(windingC)} °C; ${goes} °C goes, ${most} °C hurts it.`,
    { measured: windingC, limit: goes, margin: goes - windingC, unit: '°C' },
    verdict === 'goes'
      ? []
      : [
          'Take a motor with a slower winding or more iron.',
          ...(inOneGo === null
            ? ['Walk that climb, or pedal it without the motor.']
            : [`Rest on that climb: at most ${inOneGo} min in one go, then let the hub cool.`]),
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
