import type { Limits } from '../limits';
import { dust, finding, graded, told, type Finding } from '../verdict';
import type { BikeChecksInput } from './contract';
import { descentHeatW, takesW } from './descent';
import { stoppingDistanceM } from './forces';

const ends = ['front', 'rear'] as const;

/** Brakes at the new speed and mass. */
export function brakeFindings(
  read: BikeChecksInput,
  stoppingM: { before: number; after: number },
  descentW: number | null,
  takes: number,
  limits: Limits,
): Finding[] {
  return [
    ...missingBrakes(read),
    ...descentRule(read, descentW, takes, limits),
    stoppingRule(read, stoppingM, limits),
    ...bothDiscs(read, limits),
    ...leverRules(read),
  ];
}

function missingBrakes({ brakes }: BikeChecksInput): Finding[] {
  return ends
    .filter((end) => brakes[end].kind === 'none')
    .map((end) =>
      told(`no-brake.${end}`, 'stop', `There is no ${end} brake.`, ['Fit a brake at both ends before a motor.']),
    );
}

function descentRule(read: BikeChecksInput, heatW: number | null, takes: number, limits: Limits): Finding[] {
  if (heatW === null) return [];
  const judge = (heat: number, most: number) => graded(most - heat, limits.brakeHeatWorkFactor * most - heat);
  const verdict = judge(heatW, takes);
  const because = `Holding the speed down the named grade puts ${Math.round(heatW)} W into brakes that take ${Math.round(takes)} W.`;
  const figures = { measured: heatW, limit: takes, margin: takes - heatW, unit: 'W' };
  const larger = (['front', 'rear'] as const).some((end) => read.brakes[end].kind === 'rotor')
    ? limits.rotorSizesMm.find((mm) => heatW <= takesWith(read, mm, limits) + dust)
    : undefined;
  const slower = speedThat(read.descent!.speedKmh ?? read.speedKmh.after, (speedKmh) => {
    const heat = descentHeatW({ ...read, descent: { ...read.descent!, speedKmh } });
    return heat !== null && heat <= takes + dust;
  });
  const remedies = [
    ...(larger === undefined ? [] : [`Fit ${larger} mm rotors where fork and frame allow them.`]),
    ...(slower === null ? [] : [`Ride that grade at ${slower} km/h at most, and say so on the sheet.`]),
  ];
  return [
    finding(
      'descent-heat',
      verdict,
      because,
      figures,
      verdict === 'goes' ? [] : remedies.length > 0 ? remedies : ['Keep off that grade, and say so on the sheet.'],
    ),
  ];
}

/** What the brakes take when every rotor has at least this size. */
function takesWith(read: BikeChecksInput, rotorMm: number, limits: Limits): number {
  const grown = (brake: BikeChecksInput['brakes']['front']) =>
    brake.kind === 'rotor' ? { ...brake, rotorMm: Math.max(rotorMm, brake.rotorMm ?? 0) } : brake;
  return takesW({ front: grown(read.brakes.front), rear: grown(read.brakes.rear) }, limits);
}

/** The highest whole speed under this one at which something holds; null when none does. */
function speedThat(fromKmh: number, holds: (speedKmh: number) => boolean): number | null {
  for (let speedKmh = Math.ceil(fromKmh) - 1; speedKmh >= 5; speedKmh--) if (holds(speedKmh)) return speedKmh;
  return null;
}

function stoppingRule(
  read: BikeChecksInput,
  { before, after }: { before: number; after: number },
  limits: Limits,
): Finding {
  const limit = limits.stoppingFactor * before;
  const goes = after <= limit + dust;
  const slower = goes
    ? null
    : speedThat(
        read.speedKmh.after,
        (speedKmh) => stoppingDistanceM(read, read.massKg.after, speedKmh) <= limit + dust,
      );
  return finding(
    'stopping-distance',
    goes ? 'goes' : 'work',
    `Stopping takes ${after.toFixed(1)} m from the new speed; it was ${before.toFixed(1)} m.`,
    { measured: after, limit, margin: limit - after, unit: 'm' },
    // Better brakes shorten both ways alike: only the speed brings the new one back.
    goes
      ? []
      : [
          ...(slower === null ? [] : [`Set the assisted speed to ${slower} km/h at most.`]),
          'Tell the rider how much longer the bike takes to stop, and practise it.',
        ],
  );
}

function bothDiscs({ speedKmh, massKg, brakes }: BikeChecksInput, limits: Limits): Finding[] {
  const fast = speedKmh.after > limits.discBothKmh + dust;
  const heavy = massKg.after > limits.discBothKg + dust;
  if (!fast && !heavy) return [];
  const both = ends.every((end) => brakes[end].kind === 'rotor');
  const why = fast ? `${speedKmh.after} km/h` : `${Math.round(massKg.after)} kg in all`;
  const figures = fast
    ? { measured: speedKmh.after, limit: limits.discBothKmh, margin: limits.discBothKmh - speedKmh.after, unit: 'km/h' }
    : { measured: massKg.after, limit: limits.discBothKg, margin: limits.discBothKg - massKg.after, unit: 'kg' };
  return [
    finding(
      'discs-both',
      both ? 'goes' : 'work',
      `${why} asks for disc brakes at both ends.`,
      figures,
      both
        ? []
        : [
            'Fit discs at both ends.',
            ...(heavy ? [] : [`Or set the assisted speed to ${Math.floor(limits.discBothKmh)} km/h at most.`]),
          ],
    ),
  ];
}

function leverRules({ brakes }: BikeChecksInput): Finding[] {
  return ends.flatMap((end) => {
    const { leverPull, caliperPull } = brakes[end];
    if (!leverPull || !caliperPull || leverPull === caliperPull) return [];
    return [
      told(
        `lever-pull.${end}`,
        'work',
        `The ${end} lever pulls ${leverPull}; its brake needs ${caliperPull}: it would bite late or hardly at all.`,
        ['Take a lever whose pull matches, or a caliper that matches the lever.'],
      ),
    ];
  });
}
