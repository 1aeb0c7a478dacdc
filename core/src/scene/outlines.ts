import type { PathShape } from './scene';

type Point = readonly [x: number, y: number];
type Look = Omit<PathShape, 'shape' | 'd'>;

/** @example polygon([[0, 0], [4, 0], [4, 3]], { fill: 'ink' }).d // 'M0 0L4 0L4 3Z' */
export function polygon(points: readonly Point[], look: Look): PathShape {
  return { shape: 'path', d: `${through(points)}Z`, ...look };
}

/** A line through places, in their order; it encloses nothing. */
export function polyline(points: readonly Point[], look: Look): PathShape {
  return { shape: 'path', d: through(points), ...look };
}

export function circle([x, y]: Point, radius: number, look: Look): PathShape {
  const half = `a${radius} ${radius} 0 1 0`;
  return { shape: 'path', d: `M${x - radius} ${y}${half} ${2 * radius} 0${half} ${-2 * radius} 0Z`, ...look };
}

function through(points: readonly Point[]): string {
  return points.map(([x, y], at) => `${at === 0 ? 'M' : 'L'}${Number(x.toFixed(2))} ${Number(y.toFixed(2))}`).join('');
}
