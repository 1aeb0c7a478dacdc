import { cross, distanceOfPieces, dot, lengthOf, minus, piecesOf, type Point } from '../plane';

/**
 * How far two convex outlines are apart; negative where they overlap: so deep.
 *
 * @example gapBetween([[0, 0], [2, 0], [2, 2], [0, 2]], [[5, 0], [7, 0], [7, 2], [5, 2]]) // 3
 */
export function gapBetween(one: readonly Point[], other: readonly Point[]): number {
  const apart = Math.max(furthest(one, other), furthest(other, one));
  if (apart <= 0) return apart;
  let least = Infinity;
  for (const a of piecesOf(one)) for (const b of piecesOf(other)) least = Math.min(least, distanceOfPieces(a, b));
  return least;
}

/** The largest distance by which all of the other lies beyond one side of the first; negative when it lies beyond none. */
function furthest(one: readonly Point[], other: readonly Point[]): number {
  const turn = Math.sign(doubleArea(one)) || 1;
  return Math.max(
    ...piecesOf(one).map(([from, to]) => {
      const along = minus(to, from);
      const length = lengthOf(along) || 1;
      const out: Point = [(along[1] / length) * turn, (-along[0] / length) * turn];
      return Math.min(...other.map((point) => dot(minus(point, from), out)));
    }),
  );
}

function doubleArea(outline: readonly Point[]): number {
  return piecesOf(outline).reduce((sum, [a, b]) => sum + cross(a, b), 0);
}

/** How far one convex outline could fall before it lies on the other; Infinity where it falls past it. */
export function fallOnto(one: readonly Point[], below: readonly Point[]): number {
  const drops = [
    ...one.map(([x, y]) => y - heightAt(below, x, Math.max)),
    ...below.map(([x, y]) => heightAt(one, x, Math.min) - y),
  ].filter((drop) => Number.isFinite(drop));
  return drops.length > 0 ? Math.min(...drops) : Infinity;
}

/** The top or the underside of an outline above a place; NaN where it has nothing there. */
function heightAt(outline: readonly Point[], x: number, pick: (...heights: number[]) => number): number {
  const heights = piecesOf(outline).flatMap(([[x1, y1], [x2, y2]]) => {
    if (x < Math.min(x1, x2) || x > Math.max(x1, x2)) return [];
    return x1 === x2 ? [y1, y2] : [y1 + ((y2 - y1) * (x - x1)) / (x2 - x1)];
  });
  return heights.length > 0 ? pick(...heights) : NaN;
}
