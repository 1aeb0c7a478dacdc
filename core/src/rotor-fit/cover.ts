import { said, type Said } from '../said';
import type { Limits } from '../limits';
import { dust, finding, graded, type Finding } from '../verdict';
import { boltToBuy, longestBolt } from './bolts';
import type { RotorFitInput } from './contract';

/**
 * Caliper body against the motor cover. They can only meet where the cover reaches further out than the caliper reaches in.
 */
export function coverRule(read: RotorFitInput, limits: Limits): { gapMm: number; finding: Finding } {
  const { caliper } = read;
  const gapMm = Number((read.coverFaceMm + read.shimMm - caliper.inboardMm).toFixed(9));
  if (clearsRadially(read, read.rotorDiameterMm)) {
    const room = read.rotorDiameterMm / 2 - caliper.depthMm - read.coverDiameterMm / 2;
    return {
      gapMm,
      finding: finding('cover-gap', 'goes', said('rotor-fit.caliper-stays-outside-motor-cover', { room }), {
        measured: room,
        limit: 0,
        margin: room,
      }),
    };
  }
  const verdict = graded(gapMm - limits.coverGapGoesMm, gapMm - limits.coverGapWorkMm);
  const remedies = verdict === 'goes' ? [] : coverRemedies(read, gapMm, limits);
  // Below the least gap it goes only after work that can really be done here.
  const held = verdict === 'stop' && remedies.length > 0 ? 'work' : verdict;
  return {
    gapMm,
    finding: finding(
      'cover-gap',
      held,
      said(gapMm < 0 ? 'rotor-fit.caliper-touches-cover' : 'rotor-fit.caliper-clears-cover', {
        gapMm: Math.abs(gapMm),
        coverGapGoesMm: limits.coverGapGoesMm,
        coverGapWorkMm: limits.coverGapWorkMm,
      }),
      { measured: gapMm, limit: limits.coverGapGoesMm, margin: gapMm - limits.coverGapGoesMm },
      remedies.length || held === 'goes'
        ? remedies
        : [said('rotor-fit.take-wheel-with-flatter-cover'), said('shared.fit-motor-at-other-end')],
    ),
  };
}

function clearsRadially({ caliper, coverDiameterMm }: RotorFitInput, rotorDiameterMm: number): boolean {
  return coverDiameterMm / 2 <= rotorDiameterMm / 2 - caliper.depthMm + dust;
}

/** What can be done here, in the order of least trouble. */
function coverRemedies(read: RotorFitInput, gapMm: number, limits: Limits): Said[] {
  const lacking = limits.coverGapWorkMm - gapMm;
  const remedies: Said[] = [];
  const shim = [...(read.rotorShimsMm ?? [])]
    .sort((a, b) => a - b)
    .find((mm) => mm >= lacking - dust && boltsHold(read, mm, limits) && legClears(read, mm, limits));
  if (shim !== undefined) {
    remedies.push(said('rotor-fit.put-under-rotor-and-as-much', { shim }));
  }
  if (
    read.slimCalipersMm?.some((inboardMm) => read.coverFaceMm + read.shimMm - inboardMm >= limits.coverGapWorkMm - dust)
  ) {
    remedies.push(said('rotor-fit.take-slimmer-caliper-its-lever-pull'));
  }
  const larger = limits.rotorSizesMm.find(
    (mm) => mm > read.rotorDiameterMm && mm <= (read.maxRotorMm ?? 0) && clearsRadially(read, mm),
  );
  if (larger !== undefined) remedies.push(said('rotor-fit.take-rotor-with-its-adapter-caliper', { larger }));
  if (read.rimTrack) remedies.push(said('rotor-fit.brake-on-rim-instead-it-has'));
  return remedies;
}

/** A rotor that moves outboard comes nearer to the leg. */
function legClears({ legGapMm, cable }: RotorFitInput, moreMm: number, { runningGapMm }: Limits): boolean {
  if (legGapMm === undefined) return false;
  return legGapMm - moreMm - (cable?.atRotorBolts ? cable.diameterMm : 0) >= runningGapMm - dust;
}

function boltsHold(read: RotorFitInput, moreMm: number, limits: Limits): boolean {
  const turns = read.hubMaterial === 'aluminium' ? limits.rotorBoltAluminium : limits.rotorBoltSteel;
  const stackMm = read.rotorThicknessMm + read.shimMm + read.washerMm + moreMm;
  const window = [stackMm, turns * (read.threadMm ?? 5), read.holeDepthMm - limits.boltFloorMm] as const;
  return longestBolt(read.boltsMm, ...window) !== null || boltToBuy(limits.rotorBoltSizesMm, ...window) !== null;
}
