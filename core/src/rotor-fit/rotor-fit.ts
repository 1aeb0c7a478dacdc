import { said, type Said } from '../said';
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
    name: said('rotor-fit.rotor-bolt', { threadMm }),
    stackMm: read.rotorThicknessMm + read.shimMm + read.washerMm,
    ...window,
    lengthsMm: read.boltsMm,
    usualMm: limits.rotorBoltSizesMm,
    tooLong: said('rotor-fit.would-touch-under-cover'),
  });
}

function mountBolt({ mount }: RotorFitInput, limits: Limits): Bolted {
  return boltRule({
    id: 'caliper-bolt',
    name: said('rotor-fit.caliper-bolt'),
    stackMm: mount.shimMm + mount.plateMm,
    leastMm: limits.caliperThreadMm,
    mostMm: mount.threadDepthMm,
    lengthsMm: mount.boltsMm,
    usualMm: limits.caliperBoltSizesMm,
    tooLong: said('rotor-fit.would-bottom-before-it-clamps'),
  });
}

interface BoltQuestion {
  id: string;
  name: Said;
  stackMm: number;
  leastMm: number;
  mostMm: number;
  lengthsMm: readonly number[];
  usualMm: readonly number[];
  tooLong: Said;
}

/** The longest right bolt, or why there is none and which to buy. */
function boltRule({ id, name, stackMm, leastMm, mostMm, lengthsMm, usualMm, tooLong }: BoltQuestion): Bolted {
  const choice = longestBolt(lengthsMm, stackMm, leastMm, mostMm);
  if (choice) {
    const { lengthMm, engagementMm } = choice;
    const because = said('rotor-fit.has-of-thread-to', { name, lengthMm, engagementMm, leastMm, mostMm });
    const figures = { measured: engagementMm, limit: leastMm, margin: engagementMm - leastMm };
    return { choice, buyMm: null, finding: finding(id, 'goes', because, figures) };
  }
  const buyMm = boltToBuy(usualMm, stackMm, leastMm, mostMm);
  const nearest = nearestBolt(lengthsMm, stackMm, leastMm, mostMm);
  const why = whyNone(nearest, leastMm, tooLong);
  if (buyMm === null) {
    const because = said('rotor-fit.no-can-hold-here-thread-gives', { name, mostMm, leastMm });
    const figures = { measured: mostMm, limit: leastMm, margin: mostMm - leastMm };
    return {
      choice,
      buyMm,
      finding: finding(id, 'stop', because, figures, [said('rotor-fit.take-hub-or-mount-with-deeper')]),
    };
  }
  const figures = { measured: nearest?.engagementMm ?? null, limit: leastMm, margin: null };
  const because = said('rotor-fit.there-is-no-right', { name, why });
  return { choice, buyMm, finding: finding(id, 'work', because, figures, [said('rotor-fit.get', { name, buyMm })]) };
}

function whyNone(nearest: BoltChoice | null, leastMm: number, tooLong: Said): Said {
  if (!nearest) return said('rotor-fit.stores-have-none');
  const { lengthMm, engagementMm } = nearest;
  return engagementMm < leastMm
    ? said('rotor-fit.bolt-too-short', { lengthMm, engagementMm: Math.max(0, engagementMm), leastMm })
    : said('rotor-fit.bolt-too-long', { lengthMm, tooLong });
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
    return told('rotor-pattern', 'stop', said('rotor-fit.hub-has-no-place-for-rotor'), [
      said('shared.take-wheel-with-rotor-mount'),
      said('rotor-fit.fit-rim-brake-where-rim-and'),
    ]);
  }
  if (hub === rotor) return told('rotor-pattern', 'goes', said('rotor-fit.hub-and-rotor-are-both', { hub }));
  if (hub === 'spline' && rotor === 'six-bolt') {
    return told('rotor-pattern', 'work', said('rotor-fit.rotor-is-six-bolt-hub-splined'), [
      said('rotor-fit.get-ring-adapter-from-spline-to'),
    ]);
  }
  return told('rotor-pattern', 'stop', said('rotor-fit.rotor-is-hub-nothing-joins-them', { rotor, hub }), [
    said('rotor-fit.get-rotor-of-same-diameter', { hub }),
  ]);
}

function thicknessRule({ rotorThicknessMm, rotorMinMm = 1.5 }: RotorFitInput): Finding {
  const margin = rotorThicknessMm - rotorMinMm;
  const figures = { measured: rotorThicknessMm, limit: rotorMinMm, margin };
  return margin >= -dust
    ? finding('rotor-wear', 'goes', said('rotor-fit.rotor-is-thick', { rotorThicknessMm }), figures)
    : finding(
        'rotor-wear',
        'work',
        said('rotor-fit.rotor-is-worn-to-is-least', { rotorThicknessMm, rotorMinMm }),
        figures,
        [said('rotor-fit.replace-rotor')],
      );
}

function sizeRule({ rotorDiameterMm, maxRotorMm }: RotorFitInput): Finding | null {
  if (maxRotorMm === undefined) return null;
  const margin = maxRotorMm - rotorDiameterMm;
  const figures = { measured: rotorDiameterMm, limit: maxRotorMm, margin };
  return margin >= -dust
    ? finding('rotor-size', 'goes', said('rotor-fit.rotor-is-within-allowed', { rotorDiameterMm, maxRotorMm }), figures)
    : finding(
        'rotor-size',
        'stop',
        said('rotor-fit.rotor-is-larger-than-that-maker', { rotorDiameterMm, maxRotorMm }),
        figures,
        [said('rotor-fit.take-rotor-of-at-most', { maxRotorMm })],
      );
}

function gapRules({ spokeGapMm, legGapMm, cable }: RotorFitInput, limits: Limits): Finding[] {
  const rules: Finding[] = [];
  const gap = (id: string, gapMm: number, pair: 'caliper-spokes' | 'bolts-leg' | 'cable-bolts', remedies: Said[]) => {
    const margin = gapMm - limits.runningGapMm;
    const verdict = graded(margin, margin);
    const because = said(gapMm < 0 ? 'rotor-fit.overlap' : 'rotor-fit.run-apart', {
      pair: said(`rotor-fit.${pair}`),
      gapMm: Math.abs(gapMm),
      runningGapMm: limits.runningGapMm,
    });
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
  if (spokeGapMm !== undefined)
    gap('spoke-gap', spokeGapMm, 'caliper-spokes', [said('rotor-fit.take-slimmer-caliper')]);
  if (legGapMm !== undefined) {
    gap('leg-gap', legGapMm, 'bolts-leg', [
      said('rotor-fit.add-washer-on-rotor-side'),
      said('rotor-fit.take-lower-bolt-heads'),
    ]);
  }
  if (cable?.atRotorBolts) {
    if (legGapMm === undefined)
      rules.push(notMeasured('cable-gap', said('rotor-fit.gap-between-rotor-bolts-and-fork')));
    else {
      gap('cable-gap', legGapMm - cable.diameterMm, 'cable-bolts', [
        said('rotor-fit.turn-axle-so-that-cable-leaves'),
        said('rotor-fit.add-washer-inside-on-that-side'),
      ]);
    }
  }
  return rules;
}
