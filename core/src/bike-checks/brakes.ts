import type { Limits } from '../limits';
import { dust, finding, graded, told, type Finding } from '../verdict';
import type { BikeChecksInput } from './contract';

const ends = ['front', 'rear'] as const;

/** Brakes at the new speed and mass. */
export function brakeFindings(
  read: BikeChecksInput,
  stoppingM: { before: number; after: number },
  descentW: number | null,
  takesW: number,
  limits: Limits,
): Finding[] {
  return [
    ...missingBrakes(read),
    ...descentRule(descentW, takesW, limits),
    stoppingRule(stoppingM, limits),
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

function descentRule(heatW: number | null, takesW: number, { brakeHeatWorkFactor: heatWorkFactor }: Limits): Finding[] {
  if (heatW === null) return [];
  const verdict = graded(takesW - heatW, heatWorkFactor * takesW - heatW);
  const because = `Holding the speed down the named grade puts ${Math.round(heatW)} W into brakes that take ${Math.round(takesW)} W.`;
  const figures = { measured: heatW, limit: takesW, margin: takesW - heatW, unit: 'W' };
  const remedies = [
    'Fit larger rotors within what fork and frame allow.',
    'Ride that grade slower, and say so on the sheet.',
  ];
  return [finding('descent-heat', verdict, because, figures, verdict === 'goes' ? [] : remedies)];
}

function stoppingRule({ before, after }: { before: number; after: number }, { stoppingFactor }: Limits): Finding {
  const limit = stoppingFactor * before;
  const goes = after <= limit + dust;
  return finding(
    'stopping-distance',
    goes ? 'goes' : 'work',
    `Stopping takes ${after.toFixed(1)} m from the new speed; it was ${before.toFixed(1)} m.`,
    { measured: after, limit, margin: limit - after, unit: 'm' },
    goes ? [] : ['Fit stronger brakes: discs, fresh pads and cables, or larger rotors.'],
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
      both ? [] : ['Fit discs at both ends, or set a lower assisted speed.'],
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
