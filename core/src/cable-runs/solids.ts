import { distanceToPiece, isInside, meet, piecesOf, plus, times, type Piece, type Point } from '../plane';
import type { CableRunsInput, Spot } from './contract';
import { between } from './space';

/** How far a point is from a solid; 0 within it. */
type FromPoint = (point: Spot) => number;

/** How closely the nearest point of a span is looked for, as a share of the span. */
export const closeLook = 1e-6;
export const firstLook = 4e-3;
const golden = (Math.sqrt(5) - 1) / 2;

/** Least distance of a straight span to a convex solid: along the span it falls and then rises. */
export function spanToConvex(from: Spot, to: Spot, distance: FromPoint, look: number): number {
  const at = (share: number) => distance(between(from, to, share));
  let [low, high] = [0, 1];
  let [one, other] = [1 - golden, golden];
  let [atOne, atOther] = [at(one), at(other)];
  while (high - low > look) {
    if (atOne === 0 || atOther === 0) return 0;
    if (atOne < atOther) {
      [high, other, atOther] = [other, one, atOne];
      one = high - golden * (high - low);
      atOne = at(one);
    } else {
      [low, one, atOne] = [one, other, atOther];
      other = low + golden * (high - low);
      atOther = at(other);
    }
  }
  return Math.min(at(0), at(1), atOne, atOther);
}

/** A disc about an axis along z. */
export function fromDisc(centre: Spot, radiusMm: number, halfWidthMm: number): FromPoint {
  return ([x, y, z]) =>
    Math.hypot(
      Math.max(0, Math.hypot(x - centre[0], y - centre[1]) - radiusMm),
      Math.max(0, Math.abs(z - centre[2]) - halfWidthMm),
    );
}

/** The room of the crank arms on one side: 1 the rider's right, −1 the left. */
export function fromCrank({ radiusMm, halfWidthMm }: CableRunsInput['crank'], side: 1 | -1): FromPoint {
  return ([x, y, z]) => Math.hypot(Math.max(0, Math.hypot(x, y) - radiusMm), Math.max(0, halfWidthMm - side * z));
}

type Chain = NonNullable<CableRunsInput['chain']>;

/** Distance of a straight span to the room within the chain; 0 where one point of it lies inside. */
export function spanToChain(from: Spot, to: Spot, { loop, zMm }: Chain, look: number): number {
  const edges = piecesOf(loop);
  const within = clippedBetween(from, to, zMm);
  if (within && comesInside(within, loop, edges)) return 0;
  const toLoop = (point: Point) =>
    isWithin(point, loop, edges) ? 0 : Math.min(...edges.map((edge) => distanceToPiece(point, edge)));
  const distance: FromPoint = ([x, y, z]) => Math.hypot(toLoop([x, y]), Math.max(0, zMm[0] - z, z - zMm[1]));
  // A loop may be hollow: the distance along the span may fall more than once.
  const pieces = 12;
  return Math.min(
    ...Array.from({ length: pieces }, (_, piece) =>
      spanToConvex(between(from, to, piece / pieces), between(from, to, (piece + 1) / pieces), distance, look),
    ),
  );
}

/** The part of a span between two heights of z, seen from the side. */
function clippedBetween(from: Spot, to: Spot, [low, high]: readonly [number, number]): Piece | null {
  const flat = (share: number): Point => {
    const [x, y] = between(from, to, share);
    return [x, y];
  };
  const rise = to[2] - from[2];
  if (rise === 0) return from[2] > low && from[2] < high ? [flat(0), flat(1)] : null;
  const shares = [(low - from[2]) / rise, (high - from[2]) / rise].sort((a, b) => a - b) as [number, number];
  const [start, end] = [Math.max(0, shares[0]), Math.min(1, shares[1])];
  return end > start ? [flat(start), flat(end)] : null;
}

/** Whether some point of a piece lies inside a loop: an end does, its middle does, or it crosses an edge. */
function comesInside(piece: Piece, loop: readonly Point[], edges: readonly Piece[]): boolean {
  const middle = times(plus(piece[0], piece[1]), 0.5);
  return [...piece, middle].some((point) => isWithin(point, loop, edges)) || edges.some((edge) => meet(piece, edge));
}

/** Inside, not on the edge. */
function isWithin(point: Point, loop: readonly Point[], edges: readonly Piece[]): boolean {
  return isInside(point, loop) && edges.every((edge) => distanceToPiece(point, edge) > 1e-9);
}
