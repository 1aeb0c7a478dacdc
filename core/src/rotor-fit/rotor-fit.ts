import { inMm } from '../figures';
import { readInput } from '../input';
import { withLimits, type Limits } from '../limits';
import { dust, finding, graded, notMeasured, told, worstFirst, worstOf, type Finding } from '../verdict';
import { boltToBuy, longestBolt, starOrder, type BoltChoice } from './bolts';
import { RotorFitInput, type RotorFitResult } from './contract';
import type { RotorPattern } from './patterns';
import { coverRule } from './cover';

/**
 * Does the rotor go on this hub, with which bolts, and does the caliper clear the motor?
 *
 * Rotor bolt: engagement L − rotor − shim − washer, at least 1.2·d in aluminium or 1.0·d in steel, at most the hole's
 * thread less 0.5 mm; the longest that is right. Caliper: only where the cover reaches under it; gap = cover face + shim −
 * caliper body. Caliper bolt M6: L − shim − plate at least 9 mm and at most the thread.
 *
 * @param input - hub, rotor, caliper, mount, bolts in the stores
 * @returns verdict, findings, the bolts to use or to buy, the order to tighten them in
 * @throws InputError for values out of range
 *
 * @example
 * rotorFit({ hubMaterial: 'aluminium', rotorThicknessMm: 1.8, shimMm: 0, washerMm: 0, holeDepthMm: 9, boltsMm: [8, 10, 12], … })
 * // { boltMm: 10, engagementMm: 8.2, coverGapMm: 3, tighteningOrder: [1, 4, 2, 5, 3, 6], … }
 */
export function rotorFit(input: RotorFitInput): RotorFitResult {
  const read = readInput(RotorFitInput, input);
  const limits = withLimits(read.limits);
  const screwed = read.boltPattern.hub !== 'spline';
  const bolt = rotorBolt(read, limits);
  const caliperBolt = mountBolt(read, limits);
  const cover = coverRule(read, limits);
  const findings = [
    patternRule(read.boltPattern),
    thicknessRule(read),
    sizeRule(read),
    ...(screwed ? [bolt.finding] : []),
    cover.finding,
    ...gapRules(read, limits),
    caliperBolt.finding,
  ].filter((item): item is Finding => item !== null);
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    ...(screwed && bolt.choice && { boltMm: bolt.choice.lengthMm, engagementMm: bolt.choice.engagementMm }),
    ...(screwed && bolt.buyMm !== null && { buyBoltMm: bolt.buyMm }),
    coverGapMm: cover.gapMm,
    ...(caliperBolt.choice && {
      caliperBoltMm: caliperBolt.choice.lengthMm,
      caliperEngagementMm: caliperBolt.choice.engagementMm,
    }),
    ...(caliperBolt.buyMm !== null && { buyCaliperBoltMm: caliperBolt.buyMm }),
    tighteningOrder: screwed ? starOrder(read.boltCount ?? (read.boltPattern.hub === 'four-bolt' ? 4 : 6)) : [],
  };
}

interface Bolted {
  finding: Finding;
  choice: BoltChoice | null;
  buyMm: number | null;
}

function rotorBolt(read: RotorFitInput, limits: Limits): Bolted {
  const threadMm = read.threadMm ?? 5;
  const turns = read.hubMaterial === 'aluminium' ? limits.rotorBoltAluminium : limits.rotorBoltSteel;
  const window = { leastMm: turns * threadMm, mostMm: read.holeDepthMm - limits.boltFloorMm };
  return boltRule({
    id: 'rotor-bolt',
    name: `rotor bolt M${threadMm}`,
    stackMm: read.rotorThicknessMm + read.shimMm + read.washerMm,
    ...window,
    lengthsMm: read.boltsMm,
    usualMm: limits.rotorBoltSizesMm,
    tooLong: 'would touch under the cover',
  });
}

function mountBolt({ mount }: RotorFitInput, limits: Limits): Bolted {
  return boltRule({
    id: 'caliper-bolt',
    name: 'caliper bolt M6',
    stackMm: mount.shimMm + mount.plateMm,
    leastMm: limits.caliperThreadMm,
    mostMm: mount.threadDepthMm,
    lengthsMm: mount.boltsMm,
    usualMm: limits.caliperBoltSizesMm,
    tooLong: 'would bottom before it clamps',
  });
}

interface BoltQuestion {
  id: string;
  name: string;
  stackMm: number;
  leastMm: number;
  mostMm: number;
  lengthsMm: readonly number[];
  usualMm: readonly number[];
  tooLong: string;
}

/** The longest right bolt, or why there is none and which to buy. */
function boltRule({ id, name, stackMm, leastMm, mostMm, lengthsMm, usualMm, tooLong }: BoltQuestion): Bolted {
  const choice = longestBolt(lengthsMm, stackMm, leastMm, mostMm);
  if (choice) {
    const { lengthMm, engagementMm } = choice;
    const because = `The ${name} × ${lengthMm} has ${inMm(engagementMm)} of thread (${inMm(leastMm)} to ${inMm(mostMm)}).`;
    const figures = { measured: engagementMm, limit: leastMm, margin: engagementMm - leastMm };
    return { choice, buyMm: null, finding: finding(id, 'goes', because, figures) };
  }
  const buyMm = boltToBuy(usualMm, stackMm, leastMm, mostMm);
  const nearest = nearestBolt(lengthsMm, stackMm, leastMm, mostMm);
  const why = nearest
    ? nearest.engagementMm < leastMm
      ? `${nearest.lengthMm} mm is too short: ${inMm(Math.max(0, nearest.engagementMm))} of thread, ${inMm(leastMm)} is needed`
      : `${nearest.lengthMm} mm is too long: it ${tooLong}`
    : 'the stores have none';
  if (buyMm === null) {
    const because = `No ${name} can hold here: the thread gives ${inMm(mostMm)}, ${inMm(leastMm)} is needed.`;
    const figures = { measured: mostMm, limit: leastMm, margin: mostMm - leastMm };
    return {
      choice,
      buyMm,
      finding: finding(id, 'stop', because, figures, ['Take a hub or mount with a deeper thread.']),
    };
  }
  const figures = { measured: nearest?.engagementMm ?? null, limit: leastMm, margin: null };
  const because = `There is no right ${name}: ${why}.`;
  return { choice, buyMm, finding: finding(id, 'work', because, figures, [`Get ${name} × ${buyMm} mm.`]) };
}

function nearestBolt(
  lengthsMm: readonly number[],
  stackMm: number,
  leastMm: number,
  mostMm: number,
): BoltChoice | null {
  const off = (lengthMm: number) => Math.max(stackMm + leastMm - lengthMm, lengthMm - stackMm - mostMm);
  const [lengthMm] = [...lengthsMm].sort((a, b) => off(a) - off(b));
  return lengthMm === undefined ? null : { lengthMm, engagementMm: lengthMm - stackMm };
}

/** Pattern of the hub against the rotor's; a ring adapter puts a screwed rotor on a splined hub, never the reverse. */
function patternRule({ hub, rotor }: { hub: RotorPattern; rotor: RotorPattern }): Finding {
  if (hub === 'none') {
    return told('rotor-pattern', 'stop', 'The hub has no place for a rotor.', [
      'Take a wheel with a rotor mount.',
      'Fit a rim brake where rim and frame allow.',
    ]);
  }
  if (hub === rotor) return told('rotor-pattern', 'goes', `Hub and rotor are both ${hub}.`);
  if (hub === 'spline' && rotor === 'six-bolt') {
    return told('rotor-pattern', 'work', 'The rotor is six-bolt, the hub splined.', [
      'Get a ring adapter from spline to six bolts, or a splined rotor.',
    ]);
  }
  return told('rotor-pattern', 'stop', `The rotor is ${rotor}, the hub ${hub}: nothing joins them.`, [
    `Get a ${hub} rotor of the same diameter.`,
  ]);
}

function thicknessRule({ rotorThicknessMm, rotorMinMm = 1.5 }: RotorFitInput): Finding {
  const margin = rotorThicknessMm - rotorMinMm;
  const figures = { measured: rotorThicknessMm, limit: rotorMinMm, margin };
  return margin >= -dust
    ? finding('rotor-wear', 'goes', `The rotor is ${inMm(rotorThicknessMm)} thick.`, figures)
    : finding(
        'rotor-wear',
        'work',
        `The rotor is worn to ${inMm(rotorThicknessMm)}; ${inMm(rotorMinMm)} is the least.`,
        figures,
        ['Replace the rotor.'],
      );
}

function sizeRule({ rotorDiameterMm, maxRotorMm }: RotorFitInput): Finding | null {
  if (maxRotorMm === undefined) return null;
  const margin = maxRotorMm - rotorDiameterMm;
  const figures = { measured: rotorDiameterMm, limit: maxRotorMm, margin };
  return margin >= -dust
    ? finding(
        'rotor-size',
        'goes',
        `The rotor, ${rotorDiameterMm} mm, is within the ${maxRotorMm} mm allowed.`,
        figures,
      )
    : finding(
        'rotor-size',
        'stop',
        `The rotor, ${rotorDiameterMm} mm, is larger than the ${maxRotorMm} mm that the maker allows.`,
        figures,
        [`Take a rotor of at most ${maxRotorMm} mm.`],
      );
}

function gapRules({ spokeGapMm, legGapMm, cable }: RotorFitInput, limits: Limits): Finding[] {
  const rules: Finding[] = [];
  const gap = (id: string, gapMm: number, what: string, remedies: string[]) => {
    const margin = gapMm - limits.runningGapMm;
    const verdict = graded(margin, margin);
    const because = `${what} ${gapMm < 0 ? `overlap by ${inMm(-gapMm)}` : `run ${inMm(gapMm)} apart`}; ${inMm(limits.runningGapMm)} is needed.`;
    rules.push(
      finding(
        id,
        verdict,
        because,
        { measured: gapMm, limit: limits.runningGapMm, margin },
        verdict === 'goes' ? [] : remedies,
      ),
    );
  };
  if (spokeGapMm !== undefined) gap('spoke-gap', spokeGapMm, 'Caliper and spokes', ['Take a slimmer caliper.']);
  if (legGapMm !== undefined) {
    gap('leg-gap', legGapMm, 'Rotor bolts and fork leg', [
      'Add a washer inside on the rotor side.',
      'Take rotor bolts with lower heads.',
    ]);
  }
  if (cable?.atRotorBolts) {
    if (legGapMm === undefined) rules.push(notMeasured('cable-gap', 'The gap between rotor bolts and fork leg'));
    else {
      gap('cable-gap', legGapMm - cable.diameterMm, 'Cable and rotor bolts', [
        'Turn the axle so that the cable leaves away from the rotor bolts.',
        'Add a washer inside on that side.',
      ]);
    }
  }
  return rules;
}
