import { said, type Said } from '../said';
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
      told(`no-brake.${end}`, 'stop', said('shared.there-is-no-brake', { end }), [
        said('shared.fit-brake-at-both-ends-before'),
      ]),
    );
}

function descentRule(read: BikeChecksInput, heatW: number | null, takes: number, limits: Limits): Finding[] {
  if (heatW === null) return [];
  const judge = (heat: number, most: number) => graded(most - heat, limits.brakeHeatWorkFactor * most - heat);
  const verdict = judge(heatW, takes);
  const because = said('bike-checks.holding-speed-down-named-grade-puts', {
    heatW: Math.round(heatW),
    takes: Math.round(takes),
  });
  const figures = { measured: heatW, limit: takes, margin: takes - heatW, unit: 'W' };
  const larger = (['front', 'rear'] as const).some((end) => read.brakes[end].kind === 'rotor')
    ? limits.rotorSizesMm.find((mm) => heatW <= takesWith(read, mm, limits) + dust)
    : undefined;
  const slower = speedThat(read.descent!.speedKmh ?? read.speedKmh.after, (speedKmh) => {
    const heat = descentHeatW({ ...read, descent: { ...read.descent!, speedKmh } });
    return heat !== null && heat <= takes + dust;
  });
  const remedies: Said[] = [
    ...(larger === undefined ? [] : [said('bike-checks.fit-rotors-where-fork-and-frame', { larger })]),
    ...(slower === null ? [] : [said('bike-checks.ride-that-grade-at-at-most', { slower })]),
  ];
  return [
    finding(
      'descent-heat',
      verdict,
      because,
      figures,
      verdict === 'goes' ? [] : remedies.length > 0 ? remedies : [said('bike-checks.keep-off-that-grade-and-say')],
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
    said('bike-checks.stopping-takes-m-from-new-speed', { after, before }),
    { measured: after, limit, margin: limit - after, unit: 'm' },
    // Better brakes shorten both ways alike: only the speed brings the new one back.
    goes
      ? []
      : [
          ...(slower === null ? [] : [said('bike-checks.set-assisted-speed-to-at-most', { slower })]),
          said('bike-checks.tell-rider-how-much-longer-bike'),
        ],
  );
}

function bothDiscs({ speedKmh, massKg, brakes }: BikeChecksInput, limits: Limits): Finding[] {
  const fast = speedKmh.after > limits.discBothKmh + dust;
  const heavy = massKg.after > limits.discBothKg + dust;
  if (!fast && !heavy) return [];
  const both = ends.every((end) => brakes[end].kind === 'rotor');
  const figures = fast
    ? { measured: speedKmh.after, limit: limits.discBothKmh, margin: limits.discBothKmh - speedKmh.after, unit: 'km/h' }
    : { measured: massKg.after, limit: limits.discBothKg, margin: limits.discBothKg - massKg.after, unit: 'kg' };
  return [
    finding(
      'discs-both',
      both ? 'goes' : 'work',
      said('bike-checks.asks-for-disc-brakes-at-both', {
        by: fast ? 'speed' : 'mass',
        speedKmh: speedKmh.after,
        massKg: Math.round(massKg.after),
      }),
      figures,
      both
        ? []
        : [
            said('bike-checks.fit-discs-at-both-ends'),
            ...(heavy
              ? []
              : [said('bike-checks.or-set-assisted-speed-to-at', { discBothKmh: Math.floor(limits.discBothKmh) })]),
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
        said('bike-checks.lever-pulls-its-brake-needs-it', { end, leverPull, caliperPull }),
        [said('bike-checks.take-lever-whose-pull-matches-or')],
      ),
    ];
  });
}
