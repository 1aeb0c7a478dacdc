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
type Corner = Chain['loop'][number];

/** Distance of a straight span to the room within the chain; 0 where one point of it lies inside. */
export function spanToChain(from: Spot, to: Spot, { loop, zMm }: Chain, look: number): number {
  const within = clippedBetween(from, to, zMm);
  if (within && isInLoop(within, loop)) return 0;
  const edges = loop.map((corner, at): [Corner, Corner] => [corner, loop[(at + 1) % loop.length]!]);
  const toLoop = ([x, y]: Spot) =>
    holds([x, y], edges) ? 0 : Math.min(...edges.map((edge) => fromEdge([x, y], edge)));
  const distance: FromPoint = (point) => Math.hypot(toLoop(point), Math.max(0, zMm[0] - point[2], point[2] - zMm[1]));
  // A loop may be hollow: the distance along the span may fall more than once.
  const pieces = 12;
  return Math.min(
    ...Array.from({ length: pieces }, (_, piece) =>
      spanToConvex(between(from, to, piece / pieces), between(from, to, (piece + 1) / pieces), distance, look),
    ),
  );
}

/** The part of a span between two heights of z. */
function clippedBetween(from: Spot, to: Spot, [low, high]: readonly [number, number]): [Spot, Spot] | null {
  const rise = to[2] - from[2];
  if (rise === 0) return from[2] > low && from[2] < high ? [from, to] : null;
  const shares = [(low - from[2]) / rise, (high - from[2]) / rise].sort((a, b) => a - b) as [number, number];
  const [start, end] = [Math.max(0, shares[0]), Math.min(1, shares[1])];
  return end > start ? [between(from, to, start), between(from, to, end)] : null;
}

/** Whether some point of a piece lies inside a loop: an end does, its middle does, or it crosses an edge. */
function isInLoop([from, to]: [Spot, Spot], loop: readonly Corner[]): boolean {
  const edges = loop.map((corner, at): [Corner, Corner] => [corner, loop[(at + 1) % loop.length]!]);
  const ends: [Corner, Corner] = [
    [from[0], from[1]],
    [to[0], to[1]],
  ];
  const middle: Corner = [(ends[0][0] + ends[1][0]) / 2, (ends[0][1] + ends[1][1]) / 2];
  return [...ends, middle].some((point) => holds(point, edges)) || edges.some((edge) => crosses(ends, edge));
}

/** Inside, not on the edge. */
function holds([x, y]: Corner, edges: readonly [Corner, Corner][]): boolean {
  let isInside = false;
  for (const [[a, b], [c, d]] of edges) {
    if (b > y !== d > y && x < a + ((y - b) / (d - b)) * (c - a)) isInside = !isInside;
  }
  return isInside && edges.every((edge) => fromEdge([x, y], edge) > 1e-9);
}

function crosses([[a, b], [c, d]]: [Corner, Corner], [[e, f], [g, h]]: [Corner, Corner]): boolean {
  const side = (x: number, y: number, u: number, v: number, p: number, q: number) =>
    (u - x) * (q - y) - (v - y) * (p - x);
  return side(a, b, c, d, e, f) * side(a, b, c, d, g, h) < 0 && side(e, f, g, h, a, b) * side(e, f, g, h, c, d) < 0;
}

function fromEdge([x, y]: Corner, [[a, b], [c, d]]: [Corner, Corner]): number {
  const square = (c - a) ** 2 + (d - b) ** 2;
  const share = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - a) * (c - a) + (y - b) * (d - b)) / square));
  return Math.hypot(x - a - share * (c - a), y - b - share * (d - b));
}
