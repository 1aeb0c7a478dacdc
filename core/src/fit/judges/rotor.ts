import { said } from '../../said';
import type { AllowsShims } from '../../axle-stack';
import type { Stack } from '../../axle-stack';
import { withLimits } from '../../limits';
import type { StoreKind } from '../../part-kinds';
import { shimsOnHand } from '../../parts';
import { longestBolt, rotorFit, type RotorFitInput, type RotorFitResult, type RotorPattern } from '../../rotor-fit';
import { notRecorded, type Finding } from '../../verdict';
import type { FitInput } from '../contract';
import { lengthsOf } from './readings';
import { judging, type Amiss, type Judge, type Wanted } from './judge';
import type { BrakeFacts, Solved } from './solved';
import { trackFinding } from './track';

/** Height of a rotor bolt's head, and what its washer takes, in mm. */
const headMm = 2.6;
const washerMm = 0;

/** The brake's facts, or null without a disc or until all of them are known. */
export function brakeFacts({ facts, wheel }: FitInput): BrakeFacts | null {
  const hub = wheel.kit?.hub;
  if (facts.brake !== 'disc' || !hub || wheel.rotorFaceMm === null) return null;
  const read = lengthsOf(facts, [
    'rotor-thickness',
    'rotor-diameter',
    'rotor-max',
    'caliper-inboard',
    'caliper-depth',
    'mount-plate',
    'mount-thread',
    'leg-inboard',
  ]);
  const pattern = facts.words.get('rotor-pattern') as RotorPattern | undefined;
  const mount = facts.words.get('caliper-mount') as 'side' | 'face' | undefined;
  if (!read || !pattern || !mount) return null;
  return {
    rotorThicknessMm: read['rotor-thickness'],
    rotorDiameterMm: read['rotor-diameter'],
    rotorMaxMm: read['rotor-max'],
    rotorPattern: pattern,
    caliper: { inboardMm: read['caliper-inboard'], depthMm: read['caliper-depth'], mount },
    plateMm: read['mount-plate'],
    threadDepthMm: read['mount-thread'],
    legInboardMm: read['leg-inboard'],
    hub: {
      material: hub.material,
      pattern: hub.rotor?.pattern ?? 'none',
      holeDepthMm: hub.rotor?.holeDepthMm ?? 1,
      coverFaceMm: hub.rotor?.coverFaceMm ?? 0,
    },
    rotorFaceMm: wheel.rotorFaceMm,
  };
}

/** Which shims may go with a stack, strictest first: the first rule that leaves a stack gives the best one. */
export function shimRules(input: FitInput, brake: BrakeFacts): AllowsShims[] {
  const limits = withLimits(input.limits);
  const rotorBolts = boltLengths(input, 'rotor-bolt');
  const caliperBolts = boltLengths(input, 'caliper-bolt');
  const turns = brake.hub.material === 'aluminium' ? limits.rotorBoltAluminium : limits.rotorBoltSteel;
  const clears = (q: number, gapMm: number) =>
    radiallyClear(brake, input.wheel.coverDiameterMm) ||
    brake.hub.coverFaceMm + q - brake.caliper.inboardMm >= gapMm - 1e-9;
  const leg = (left: number, q: number) => legGapMm(brake, left, q) >= limits.runningGapMm - 1e-9;
  const bolted = (q: number, p: number) =>
    longestBolt(
      rotorBolts,
      brake.rotorThicknessMm + q + washerMm,
      turns * 5,
      brake.hub.holeDepthMm - limits.boltFloorMm,
    ) !== null && longestBolt(caliperBolts, p + brake.plateMm, limits.caliperThreadMm, brake.threadDepthMm) !== null;
  return [
    (left, q, p) => leg(left, q) && clears(q, limits.coverGapGoesMm) && bolted(q, p),
    (left, q, p) => leg(left, q) && clears(q, limits.coverGapWorkMm) && bolted(q, p),
    (left, q) => leg(left, q) && clears(q, limits.coverGapWorkMm),
    () => true,
  ];
}

function radiallyClear({ rotorDiameterMm, caliper }: BrakeFacts, coverDiameterMm: number): boolean {
  return coverDiameterMm / 2 <= rotorDiameterMm / 2 - caliper.depthMm + 1e-9;
}

/** Rotor bolts' heads to the fork leg: the rotor's outer face, less the heads, less how far the leg stands inboard. */
function legGapMm(brake: BrakeFacts, leftMm: number, rotorShimMm: number): number {
  return brake.rotorFaceMm - rotorShimMm + leftMm - brake.rotorThicknessMm - headMm - brake.legInboardMm;
}

/** Lengths of the bolts of one kind of which there are enough. */
export function boltLengths({ stores }: FitInput, kind: StoreKind): number[] {
  const least = kind === 'rotor-bolt' ? 6 : 2;
  return stores.flatMap((item) => {
    const length = item.details?.lengthMm;
    return item.kind === kind && item.count >= least && length ? [length] : [];
  });
}

/** How far a caliper's body stands out past the edge of its rotor, in mm [J]. */
const bodyPastRotorMm = 10;

/** Half a spoke, in mm. */
const spokeRadiusMm = 1.2;

/**
 * Caliper body to the left spokes. They run straight from the flange to the middle of the rim; where the body reaches lowest
 * they stand furthest out.
 */
function spokeGap(
  { wheel }: FitInput,
  brake: BrakeFacts,
  { rotorShimMm }: Pick<Stack, 'rotorShimMm'>,
): Pick<RotorFitInput, 'spokeGapMm'> {
  const flange = wheel.kit?.flanges?.left;
  if (!flange) return {};
  const flangeMm = flange.flangeDiameterMm / 2;
  const rimMm = wheel.beadSeatMm / 2;
  const lowest = Math.max(flangeMm, brake.rotorDiameterMm / 2 - brake.caliper.depthMm);
  // Spokes that begin outside of what the body sweeps do not meet it.
  if (lowest > brake.rotorDiameterMm / 2 + bodyPastRotorMm || lowest >= rimMm) return {};
  const spokeMm =
    -wheel.rimOffsetMm + ((flange.flangeOffsetMm + wheel.rimOffsetMm) * (rimMm - lowest)) / (rimMm - flangeMm);
  const caliperMm = wheel.shoulderWidthMm / 2 - brake.rotorFaceMm + rotorShimMm - brake.caliper.inboardMm;
  return { spokeGapMm: Number((caliperMm - spokeMm - spokeRadiusMm).toFixed(6)) };
}

/** Where nobody has measured the flanges, nobody knows how near the spokes come. */
function spokesOpen({ wheel }: FitInput, brake: BrakeFacts | null): Finding[] {
  return brake && !wheel.kit?.flanges ? [notRecorded('spoke-gap', said('fit.size-of-hub-spoke-flanges'))] : [];
}

/** The rotor judged with the shims and the left stack that were chosen. */
export function rotorWith(input: FitInput, brake: BrakeFacts, stack: Stack): RotorFitResult {
  const { wheel, stores } = input;
  const cable = wheel.kit!.hub.cable;
  const calipers = stores.flatMap((item) =>
    item.kind === 'caliper' && item.count > 0 && item.details?.inboardMm != null ? [item.details.inboardMm] : [],
  );
  return rotorFit({
    hubMaterial: brake.hub.material,
    rotorThicknessMm: brake.rotorThicknessMm,
    shimMm: stack.rotorShimMm,
    washerMm,
    holeDepthMm: brake.hub.holeDepthMm,
    headMm,
    boltsMm: boltLengths(input, 'rotor-bolt'),
    boltPattern: { hub: brake.hub.pattern, rotor: brake.rotorPattern },
    rotorDiameterMm: brake.rotorDiameterMm,
    maxRotorMm: brake.rotorMaxMm,
    caliper: brake.caliper,
    coverFaceMm: brake.hub.coverFaceMm,
    coverDiameterMm: wheel.coverDiameterMm,
    ...spokeGap(input, brake, stack),
    legGapMm: Number(legGapMm(brake, stack.left.totalMm, stack.rotorShimMm).toFixed(6)),
    ...(wheel.cableExit === 'left' && { cable: { diameterMm: cable.diameterMm, atRotorBolts: cable.atRotorBolts } }),
    mount: {
      shimMm: stack.caliperShimMm,
      plateMm: brake.plateMm,
      boltsMm: boltLengths(input, 'caliper-bolt'),
      threadDepthMm: brake.threadDepthMm,
    },
    rotorShimsMm: shimsOnHand(stores, 'rotor-shim', 1),
    slimCalipersMm: calipers,
    rimTrack: wheel.kit?.rim?.brakeTrack === true && input.facts.words.get('rim-bosses') === 'bosses',
    ...(input.limits && { limits: input.limits }),
  });
}

/** Rotor, caliper and their bolts. */
export const brakeJudges: readonly Judge[] = [
  judging('brake', ['rotor'], ({ rotor }) => rotor.findings, {
    shopping: (solved, amiss) => [...boltsWanted(solved.rotor, amiss), ...rotorWanted(solved, amiss)],
    tools: () => [{ tool: 'T25 driver', reason: said('fit.for-rotor-bolts') }],
  }),
  judging('brake', [], ({ input, brake }) => spokesOpen(input, brake)),
  judging('brake', [], trackOnce),
];

function boltsWanted({ buyBoltMm, buyCaliperBoltMm }: RotorFitResult, amiss: Amiss): Wanted[] {
  const bolts = [
    { kind: 'rotor-bolt', lengthMm: buyBoltMm, count: 6 },
    { kind: 'caliper-bolt', lengthMm: buyCaliperBoltMm, count: 2 },
  ] as const;
  return bolts.flatMap(({ kind, lengthMm, count }) =>
    lengthMm === undefined
      ? []
      : [{ part: { kind, spec: { lengthMm } }, count, reason: amiss(kind)?.because ?? said('fit.no-bolt-fits') }],
  );
}

/** A worn rotor, or one of another pattern: one new one mends both. */
function rotorWanted({ brake }: Solved, amiss: Amiss): Wanted[] {
  const rule = amiss('rotor-wear') ?? amiss('rotor-pattern');
  if (!rule || !brake) return [];
  const spec = { diameterMm: brake.rotorDiameterMm, pattern: brake.hub.pattern };
  return [{ part: { kind: 'rotor', spec }, count: 1, reason: rule.because }];
}

/** A rim without track is said once: by the tyre's judgement when there is one. */
function trackOnce({ input, tyre }: Solved): readonly Finding[] {
  return tyre?.result?.findings.some(({ id }) => id === 'brake-track') ? [] : trackFinding(input);
}
