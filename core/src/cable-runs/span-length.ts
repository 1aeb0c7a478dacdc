import type { CableAnchor, CableRunsInput, Setting } from './contract';
import { neutral, type Movements } from './movements';
import { apart, degrees } from './space';

/** Rather than by a hair a span is longest where less has moved. */
const hairMm = 1e-9;
/** Swing is looked at in steps so small that nothing between them is longer by half a millimetre, then closer about the longest. */
const swingSteps = 200;
const swingToDeg = 1e-7;

/** One end of a span. */
export interface SpanEnd extends Pick<CableAnchor, 'at' | 'on'> {
  id: string;
}

export interface Longest {
  lengthMm: number;
  setting: Setting;
}

/**
 * Where a span is longest over everything that moves at once, and every pose.
 *
 * Its square falls apart: along the steering axis the fork's travel alone counts, at one of its ends; about the axis the steering
 * alone, at a lock or where both ends point away from each other; the swingarm about its pivot likewise. Only steering and swing
 * together are searched, steering still in closed form.
 */
export function longest(one: SpanEnd, other: SpanEnd, moves: Movements, poses: CableRunsInput['poses']): Longest {
  const felt = moves.feltBy([one.on, other.on]);
  const travels = felt.travel ? moves.travelMm : [0];
  const swings = felt.swing ? swingsOf(one, other, moves, felt.steering) : [0];
  const lengthAt = (setting: Setting) =>
    apart(moves.placed(one.on, one.at, setting), moves.placed(other.on, other.at, setting));
  const bySteering = (travelMm: number, swingDeg: number): Longest =>
    best(
      (felt.steering ? steersOf(one, other, moves, { ...neutral, swingDeg }) : [0]).map((steerDeg) => {
        const setting = { steerDeg, travelMm, swingDeg };
        return { setting, lengthMm: lengthAt(setting) };
      }),
    );
  const found = best(
    travels.flatMap((travelMm) => {
      const along = swings.map((swingDeg) => bySteering(travelMm, swingDeg));
      return felt.swing && felt.steering ? [...along, closer(along, travelMm, bySteering)] : along;
    }),
  );
  return best([found, ...(poses ?? []).map(({ id, at }) => posed(id, at[one.id] ?? one.at, at[other.id] ?? other.at))]);
}

function posed(pose: string, one: SpanEnd['at'], other: SpanEnd['at']): Longest {
  return { setting: { ...neutral, pose }, lengthMm: apart(one, other) };
}

function best(found: readonly Longest[]): Longest {
  return found.reduce((longer, next) => (next.lengthMm > longer.lengthMm + hairMm ? next : longer));
}

/** Straight ahead, both locks, and where the ends point away from each other. */
function steersOf(one: SpanEnd, other: SpanEnd, moves: Movements, at: Setting): number[] {
  const steers = one.on === 'bar' || one.on === 'fork' ? one : other;
  const stays = steers === one ? other : one;
  const turn = moves.aboutAxis(steers.at).angle - moves.aboutAxis(moves.placed(stays.on, stays.at, at)).angle;
  return [0, ...moves.steerDeg, ...oppositeWithin(turn, moves.steerDeg)];
}

function swingsOf(one: SpanEnd, other: SpanEnd, moves: Movements, isSteered: boolean): number[] {
  const [, most] = moves.swingDeg;
  if (isSteered) return Array.from({ length: swingSteps + 1 }, (_, step) => (most * step) / swingSteps);
  const swings = one.on === 'swingarm' ? one : other;
  const stays = swings === one ? other : one;
  const turn = moves.aboutPivot(swings.at).angle - moves.aboutPivot(stays.at).angle;
  return [0, most, ...oppositeWithin(turn, moves.swingDeg)];
}

/** Turns within a range after which something that is so far round stands opposite. */
function oppositeWithin(turn: number, [from, to]: readonly [number, number]): number[] {
  const first = degrees(Math.PI - turn);
  return [-720, -360, 0, 360, 720].map((rounds) => first + rounds).filter((deg) => deg > from && deg < to);
}

/** The longest about the swing that was longest of those looked at. */
function closer(
  along: readonly Longest[],
  travelMm: number,
  bySteering: (travelMm: number, swingDeg: number) => Longest,
): Longest {
  const at = along.indexOf(best(along));
  let low = (along[at - 1] ?? along[at]!).setting.swingDeg;
  let high = (along[at + 1] ?? along[at]!).setting.swingDeg;
  while (high - low > swingToDeg) {
    const third = (high - low) / 3;
    if (bySteering(travelMm, low + third).lengthMm < bySteering(travelMm, high - third).lengthMm) low += third;
    else high -= third;
  }
  return bySteering(travelMm, (low + high) / 2);
}
