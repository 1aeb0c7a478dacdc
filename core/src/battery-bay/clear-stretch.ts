import {
  distanceOfPieces,
  dot,
  hullOf,
  isInside,
  minus,
  piecesOf,
  plus,
  times,
  type Piece,
  type Point,
} from '../plane';
import type { Stretch } from './contract';

/** A limit just met is kept. */
export const justMetMm = 1e-6;

/** What must be kept clear of while something lies or moves along a tube. */
export interface Surroundings {
  /** The inside of the frame. */
  outline: readonly Point[];
  /** Its edges but the one that the battery sits on. */
  walls: readonly Piece[];
  /** What lies within it, whole outlines. */
  obstacles: readonly (readonly Point[])[];
  clearanceMm: number;
}

/** A convex body and the direction that it can be moved in. */
export interface Body {
  /** Its outline when it is moved by nothing. */
  outline: readonly Point[];
  along: Point;
}

/**
 * How far bodies may be moved so that each of them is inside the frame and keeps its distance: exact, since the moves at which a
 * convex body is nearer to a straight piece than allowed are one open stretch, and its ends are known in closed form.
 *
 * @returns closed stretches, ascending; points where the room is just enough
 */
export function clearStretches(bodies: readonly Body[], around: Surroundings): Stretch[] {
  const pieces = [...around.walls, ...around.obstacles.flatMap(piecesOf)];
  const tooNear = bodies
    .flatMap((body) => pieces.flatMap((piece) => tooNearTo(body, piece, around.clearanceMm) ?? []))
    .sort((a, b) => a.fromMm - b.fromMm);
  const isFree = ({ fromMm, toMm }: Stretch) =>
    bodies.every((body) => isWithin(middleOf(body, (fromMm + toMm) / 2), around));
  return gapsBetween(tooNear).filter(isFree);
}

/** Least distance of bodies, moved so far, to anything around them. */
export function clearanceAt(bodies: readonly Body[], around: Surroundings, byMm: number): number {
  return Math.min(...pairsOf(bodies, around).map((pair) => distanceOf(pair, byMm)));
}

/**
 * The same for moves of no more than `reachMm` to either side of one: a move changes no distance by more than itself, so what is
 * farther away than the nearest by twice the reach never decides.
 */
export function clearanceNear(
  bodies: readonly Body[],
  around: Surroundings,
  byMm: number,
  reachMm: number,
): (atMm: number) => number {
  const pairs = pairsOf(bodies, around).map((pair) => ({ pair, awayMm: distanceOf(pair, byMm) }));
  const nearestMm = Math.min(...pairs.map(({ awayMm }) => awayMm));
  const deciding = pairs.filter(({ awayMm }) => awayMm <= nearestMm + 2 * reachMm + justMetMm);
  return (atMm) => Math.min(...deciding.map(({ pair }) => distanceOf(pair, atMm)));
}

/** A piece of a body, as it is when it is moved by nothing, and one of what is around it. */
interface Pair {
  own: Piece;
  other: Piece;
  along: Point;
}

function pairsOf(bodies: readonly Body[], around: Surroundings): Pair[] {
  const pieces = [...around.walls, ...around.obstacles.flatMap(piecesOf)];
  return bodies.flatMap(({ outline, along }) =>
    piecesOf(outline).flatMap((own) => pieces.map((other) => ({ own, other, along }))),
  );
}

function distanceOf({ own: [from, to], other, along }: Pair, byMm: number): number {
  const moved = times(along, byMm);
  return distanceOfPieces([plus(from, moved), plus(to, moved)], other);
}

function middleOf({ outline, along }: Body, byMm: number): Point {
  const sum = outline.reduce<Point>((total, point) => plus(total, point), [0, 0]);
  return plus(times(sum, 1 / outline.length), times(along, byMm));
}

/** What touches no edge is wholly inside or wholly outside: one point of it tells. */
function isWithin(point: Point, { outline, obstacles }: Surroundings): boolean {
  return isInside(point, outline) && obstacles.every((obstacle) => !isInside(point, obstacle));
}

/**
 * The moves at which a body is nearer to a piece than allowed. Body and piece are apart as a point that moves is from the sum of
 * the piece and the body turned round, which is convex: so there is one stretch, and it ends at a corner or along an edge of it.
 */
function tooNearTo({ outline, along }: Body, piece: Piece, clearanceMm: number): Stretch | null {
  const sum = hullOf(piece.flatMap((end) => outline.map((point) => minus(end, point))));
  const ends = piecesOf(sum).flatMap((edge) => endsAlong(edge, along, clearanceMm));
  if (ends.length === 0) return null;
  const [fromMm, toMm] = [Math.min(...ends), Math.max(...ends)];
  return toMm - fromMm > 2 * justMetMm ? { fromMm, toMm } : null;
}

/** Moves after which a point from the origin is just so far from an edge or its ends. */
function endsAlong(edge: Piece, along: Point, distanceMm: number): number[] {
  const [from, to] = edge;
  const vector = minus(to, from);
  const length = Math.hypot(...vector);
  if (length === 0) return roundCorner(from, along, distanceMm);
  const unit = times(vector, 1 / length);
  const across: Point = [-unit[1], unit[0]];
  const slope = dot(along, across);
  const beside =
    Math.abs(slope) < 1e-12
      ? []
      : [-distanceMm, distanceMm]
          .map((offset) => (dot(from, across) + offset) / slope)
          .filter((move) => {
            const at = dot(minus(times(along, move), from), unit);
            return at >= -1e-9 && at <= length + 1e-9;
          });
  return [...beside, ...roundCorner(from, along, distanceMm), ...roundCorner(to, along, distanceMm)];
}

function roundCorner(corner: Point, along: Point, distanceMm: number): number[] {
  const middle = dot(along, corner);
  const square = distanceMm ** 2 - (dot(corner, corner) - middle ** 2);
  if (square < 0) return [];
  return [middle - Math.sqrt(square), middle + Math.sqrt(square)];
}

/** What open stretches leave: gaps of a millionth of a millimetre are points that are just met. */
function gapsBetween(stretches: readonly Stretch[]): Stretch[] {
  const gaps: Stretch[] = [];
  let reachedMm: number | null = null;
  for (const { fromMm, toMm } of stretches) {
    if (reachedMm !== null && fromMm >= reachedMm - justMetMm) {
      gaps.push({ fromMm: Math.min(reachedMm, fromMm), toMm: Math.max(reachedMm, fromMm) });
    }
    reachedMm = Math.max(reachedMm ?? -Infinity, toMm);
  }
  return gaps;
}
