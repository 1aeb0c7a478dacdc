import { said, type Said } from '../said';
import type { Limits } from '../limits';
import { dust } from '../verdict';
import type { Arm, ArmPlacement, ArmSide } from './contract';

const radians = (deg: number): number => (deg * Math.PI) / 180;

/** From −180 (not included) to 180. */
export function turned(deg: number): number {
  const rest = ((((deg + 180) % 360) + 360) % 360) - 180;
  return rest === -180 ? 180 : rest;
}

interface Reach {
  armDeg: number;
  flipped: boolean;
  /** The arm as a line of points from the axle: forward and up. */
  line: [number, number][];
  clampAtMm: number;
  missMm: number;
}

/** Every way in which this arm can be put on one side, each judged. */
export function placementsOf(arm: Arm, sideName: 'left' | 'right', side: ArmSide, limits: Limits): ArmPlacement[] {
  return reaches(arm, side).map((reach) => judged(arm, sideName, side, reach, limits));
}

/**
 * Directions and ends that the flats allow. The hole's flats lie along the slot, so the arm can point `holeDeg` off it to
 * either side, either way round; a splined hole turns in steps; a second link swings until its end is on the blade.
 */
function reaches(arm: Arm, side: ArmSide): Reach[] {
  const found = directions(arm, side).flatMap(({ armDeg, flipped }) => {
    const joint: [number, number] = [
      arm.lengthMm * Math.cos(radians(armDeg)),
      arm.lengthMm * Math.sin(radians(armDeg)),
    ];
    if (arm.kind !== 'adjustable' || arm.linkMm === undefined) return [reachTo(side, armDeg, flipped, [joint])];
    return linkEnds(side, joint, arm.linkMm).map((end) => reachTo(side, armDeg, flipped, [joint, end]));
  });
  // A straight arm points the same way on either face.
  const seen = new Set<string>();
  return found.filter(({ armDeg, clampAtMm, missMm }) => {
    const key = [armDeg, clampAtMm, missMm].map((value) => value.toFixed(6)).join(' ');
    return !seen.has(key) && seen.add(key);
  });
}

function directions(arm: Arm, side: ArmSide): { armDeg: number; flipped: boolean }[] {
  const holeDeg = arm.holeDeg ?? 0;
  const base = [false, true].flatMap((flipped) =>
    [0, 180].map((way) => ({ armDeg: turned(side.slotDeg + (flipped ? -holeDeg : holeDeg) + way), flipped })),
  );
  if (arm.kind !== 'splined' || arm.stepDeg === undefined) return base;
  const step = arm.stepDeg;
  return base.map(({ armDeg, flipped }) => {
    const steps = Math.round(turned(side.bladeDeg - armDeg) / step);
    return { armDeg: turned(armDeg + steps * step), flipped };
  });
}

/** Where the second link's end meets the middle of the blade: |x·blade − joint| = link. */
function linkEnds(side: ArmSide, [jointForward, jointUp]: [number, number], linkMm: number): [number, number][] {
  const blade: [number, number] = [Math.cos(radians(side.bladeDeg)), Math.sin(radians(side.bladeDeg))];
  const along = jointForward * blade[0] + jointUp * blade[1];
  const rest = along ** 2 - (jointForward ** 2 + jointUp ** 2 - linkMm ** 2);
  if (rest < 0) return [];
  return [along + Math.sqrt(rest), along - Math.sqrt(rest)]
    .filter((x) => x > 0)
    .map((x): [number, number] => [x * blade[0], x * blade[1]]);
}

function reachTo(side: ArmSide, armDeg: number, flipped: boolean, line: [number, number][]): Reach {
  const [forward, up] = line[line.length - 1]!;
  const angle = radians(side.bladeDeg);
  return {
    armDeg,
    flipped,
    line: [[0, 0], ...line],
    clampAtMm: forward * Math.cos(angle) + up * Math.sin(angle),
    missMm: up * Math.cos(angle) - forward * Math.sin(angle),
  };
}

function judged(arm: Arm, sideName: 'left' | 'right', side: ArmSide, reach: Reach, limits: Limits): ArmPlacement {
  const { clampAtMm, missMm } = reach;
  const bladeMm = bladeWidthAt(side, clampAtMm);
  const plane = planeOf(arm, side, reach.flipped, limits);
  const because: Said[] = [];
  if (clampAtMm <= 0) because.push(said('arm-fit.it-points-away-from-blade'));
  else if (Math.abs(missMm) > limits.armMissMm + dust) {
    because.push(said('arm-fit.its-end-lies-beside-blade-middle', { missMm: Math.abs(missMm) }));
  }
  if (
    clampAtMm > 0 &&
    !side.clampable.some(({ fromMm, toMm }) => clampAtMm >= fromMm - dust && clampAtMm <= toMm + dust)
  ) {
    because.push(said('arm-fit.from-axle-blade-cannot-be-clamped', { clampAtMm }));
  }
  if (bladeMm < arm.band.fromMm - dust || bladeMm > arm.band.toMm + dust) {
    because.push(
      said('arm-fit.its-clamp-takes-to-blade-is', { fromMm: arm.band.fromMm, toMm: arm.band.toMm, bladeMm }),
    );
  }
  for (const { id, forwardMm, upMm, radiusMm } of side.obstacles ?? []) {
    const room = distanceToLine([forwardMm, upMm], reach.line) - radiusMm - arm.widthMm / 2;
    if (room < limits.armRoomMm - dust) because.push(said('arm-fit.it-comes-within-of', { it: Math.max(0, room), id }));
  }
  const threadMm = arm.thicknessMm + plane.spacerMm;
  if (side.threadLeftMm !== undefined && side.threadLeftMm - threadMm < -dust) {
    because.push(said('arm-fit.nut-would-lack-of-thread', { threadMm: threadMm - side.threadLeftMm }));
  }
  const work = plane.spacerMm > dust || plane.clampSpacerMm > dust;
  return {
    armId: arm.id,
    side: sideName,
    flipped: reach.flipped,
    armDeg: reach.armDeg,
    clampAtMm,
    missMm,
    bladeMm,
    ...plane,
    threadMm,
    underDrive: pressesUnderDrive(missMm) ? 'pressed' : 'band',
    verdict: because.length ? 'stop' : work ? 'work' : 'goes',
    because,
  };
}

/**
 * Seen from the right a wheel rolls forward clockwise; the axle is driven the other way, and the end of the arm with it.
 * An arm that lies clockwise of the blade is pressed to it; one on the other side hangs in its band.
 */
function pressesUnderDrive(missMm: number): boolean {
  return missMm <= dust;
}

function bladeWidthAt({ blade }: ArmSide, atMm: number): number {
  const span = blade.farAtMm - blade.nearAtMm;
  if (Math.abs(span) < dust) return blade.nearMm;
  const share = Math.min(1, Math.max(0, (atMm - blade.nearAtMm) / span));
  return blade.nearMm + share * (blade.farMm - blade.nearMm);
}

/**
 * What goes under arm or clamp so that both lie in one plane. The arm lies on the nut's face; over a recess its own nut would
 * bend it unless it is spaced out by the recess's depth. The blade's side stands `stepMm` outboard of that face; a bend in
 * the arm takes up part of it, inboard when flipped.
 */
function planeOf(arm: Arm, side: ArmSide, flipped: boolean, limits: Limits) {
  const bend = (flipped ? -1 : 1) * (arm.offsetMm ?? 0);
  const recess = side.recessMm ?? 0;
  const apart = side.stepMm - bend - recess;
  if (apart > limits.armPlaneMm + dust) return { spacerMm: recess + apart, clampSpacerMm: 0, planeOffsetMm: 0 };
  if (apart < -limits.armPlaneMm - dust) return { spacerMm: recess, clampSpacerMm: -apart, planeOffsetMm: 0 };
  return { spacerMm: recess, clampSpacerMm: 0, planeOffsetMm: Math.abs(apart) };
}

function distanceToLine(point: [number, number], line: readonly [number, number][]): number {
  let least = Infinity;
  for (let at = 1; at < line.length; at++) least = Math.min(least, distanceToSegment(point, line[at - 1]!, line[at]!));
  return least;
}

function distanceToSegment([px, py]: [number, number], [ax, ay]: [number, number], [bx, by]: [number, number]): number {
  const square = (bx - ax) ** 2 + (by - ay) ** 2;
  const share = square === 0 ? 0 : Math.min(1, Math.max(0, ((px - ax) * (bx - ax) + (py - ay) * (by - ay)) / square));
  return Math.hypot(px - ax - share * (bx - ax), py - ay - share * (by - ay));
}
