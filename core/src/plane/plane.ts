import { polygonContains, polygonHull } from 'd3-polygon';

/** A point, or the way from one to another. */
export type Point = [x: number, y: number];

export const plus = (a: Point, b: Point): Point => [a[0] + b[0], a[1] + b[1]];
export const minus = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1]];
export const times = (a: Point, by: number): Point => [a[0] * by, a[1] * by];
export const dot = (a: Point, b: Point): number => a[0] * b[0] + a[1] * b[1];
export const cross = (a: Point, b: Point): number => a[0] * b[1] - a[1] * b[0];
export const lengthOf = (a: Point): number => Math.hypot(a[0], a[1]);
export const radians = (deg: number): number => (deg * Math.PI) / 180;

/** A straight piece from one point to another. */
export type Piece = [from: Point, to: Point];

/** The pieces of a closed outline. */
export function piecesOf(outline: readonly Point[]): Piece[] {
  return outline.map((point, at) => [point, outline[(at + 1) % outline.length]!]);
}

export function distanceToPiece(point: Point, [from, to]: Piece): number {
  const along = minus(to, from);
  const square = dot(along, along);
  const at = square === 0 ? 0 : Math.min(1, Math.max(0, dot(minus(point, from), along) / square));
  return lengthOf(minus(point, plus(from, times(along, at))));
}

/** Least distance between two straight pieces; 0 where they meet. */
export function distanceOfPieces(one: Piece, other: Piece): number {
  if (meet(one, other)) return 0;
  return Math.min(
    distanceToPiece(one[0], other),
    distanceToPiece(one[1], other),
    distanceToPiece(other[0], one),
    distanceToPiece(other[1], one),
  );
}

/** Whether two pieces cross each other, not merely touch. */
export function meet([a, b]: Piece, [c, d]: Piece): boolean {
  const sides = (from: Point, to: Point, point: Point) => cross(minus(to, from), minus(point, from));
  return sides(a, b, c) * sides(a, b, d) < 0 && sides(c, d, a) * sides(c, d, b) < 0;
}

/** Whether an outline has three corners and crosses itself nowhere. */
export function isSimple(outline: readonly Point[]): boolean {
  if (outline.length < 3) return false;
  const pieces = piecesOf(outline);
  return pieces.every((one, at) => pieces.slice(at + 2).every((other) => !meet(one, other)));
}

/** Whether a point lies inside an outline. */
export function isInside(point: Point, outline: readonly Point[]): boolean {
  return polygonContains(outline as Point[], point);
}

/** The hull of points: all that something covers which moves from one place to the next. */
export function hullOf(points: readonly Point[]): Point[] {
  return polygonHull([...points]) ?? [...points];
}
