import { said } from '../said';
import { InputError } from '../input';
import { cross, dot, isSimple, lengthOf, minus, plus, radians, times, type Point } from '../plane';
import type { BatteryBayInput, BayTriangle, BayTube } from './contract';

/** How well a tape and an angle gauge are read. */
const lengthSigmaMm = 1;
const angleSigmaRad = radians(0.5);
/** So many rounds are enough for figures that belong to one frame at all. */
const mostRounds = 2000;
const settledMm = 1e-12;

/** Which way an edge runs along its tube's angle, and with which sign it stands in the sum that must be nothing. */
const edges = [
  { name: 'down', forward: 1, sign: 1 },
  { name: 'head', forward: -1, sign: 1 },
  { name: 'seat', forward: -1, sign: -1 },
  { name: 'top', forward: 1, sign: -1 },
] as const;

/** An inside edge as it is after fitting. */
export interface FittedEdge {
  /** Unit vector, upwards or forwards along the tube. */
  along: Point;
  lengthMm: number;
}

export interface FittedFrame {
  triangle: BayTriangle;
  edges: Record<BayTube, FittedEdge>;
}

/**
 * The corners of the frame from its tubes. More is measured than three tubes need: lengths and angles are moved, each by its own
 * uncertainty and together as little as can be, until the frame closes.
 *
 * @throws InputError when the tubes bound nothing
 */
export function fittedFrame(tubes: BatteryBayInput['tubes']): FittedFrame {
  const present = edges.filter(({ name }) => tubes[name] !== undefined);
  const measured = present.flatMap(({ name }) => [tubes[name]!.lengthMm, radians(tubes[name]!.angleDeg)]);
  const variances = present.flatMap(() => [lengthSigmaMm ** 2, angleSigmaRad ** 2]);
  const gapOf = (values: readonly number[]): Point =>
    present.reduce<Point>((sum, edge, at) => plus(sum, times(edgeVector(edge, values, at), edge.sign)), [0, 0]);

  let fitted = measured;
  let isSettled = false;
  for (let round = 0; round < mostRounds && !isSettled; round++) {
    const next = closer(present, measured, variances, fitted, gapOf(fitted));
    isSettled = next.every((value, at) => Math.abs(value - fitted[at]!) < settledMm * Math.max(1, Math.abs(value)));
    fitted = next;
  }
  const misfit = fitted.reduce((sum, value, at) => sum + (value - measured[at]!) ** 2 / variances[at]!, 0);
  const vector = (name: string): Point => {
    const at = present.findIndex((edge) => edge.name === name);
    return at < 0 ? [0, 0] : edgeVector(present[at]!, fitted, at);
  };
  const [down, seat] = [edgeOf(vector('down')), edgeOf(vector('seat'))];
  const bb = innerCorner(down, tubes.down.diameterMm / 2, seat, tubes.seat.diameterMm / 2);
  const downHead = plus(bb, vector('down'));
  const corners = { bb, downHead, headTop: plus(downHead, vector('head')), seat: plus(bb, vector('seat')) };
  const outline = [corners.bb, corners.downHead, ...(tubes.head ? [corners.headTop] : []), corners.seat];
  if (!isSettled || !isSimple(outline) || doubleArea(outline) <= 0) {
    throw new InputError('tubes', tubes, said('battery-bay.lengths-and-angles-of-frame-that'));
  }
  return { triangle: { ...corners, closingMm: lengthOf(gapOf(measured)), misfit }, edges: { down, seat } };
}

type Edge = (typeof edges)[number];

function edgeVector({ forward }: Edge, values: readonly number[], at: number): Point {
  const [length, angle] = [values[2 * at]!, values[2 * at + 1]!];
  return [forward * length * Math.cos(angle), length * Math.sin(angle)];
}

/**
 * One round: the least weighted change of what was measured that closes the frame, as far as it is straight about the figures of
 * the round before. Where this comes to rest the change is the least one, and the frame closed.
 */
function closer(
  present: readonly Edge[],
  measured: readonly number[],
  variances: readonly number[],
  fitted: readonly number[],
  gap: Point,
): number[] {
  const slopes = present.flatMap((edge, at): Point[] => {
    const [length, angle] = [fitted[2 * at]!, fitted[2 * at + 1]!];
    const { forward, sign } = edge;
    return [
      [sign * forward * Math.cos(angle), sign * Math.sin(angle)],
      [-sign * forward * length * Math.sin(angle), sign * length * Math.cos(angle)],
    ];
  });
  const wanted = slopes.reduce<Point>(
    (sum, slope, at) => plus(sum, times(slope, fitted[at]! - measured[at]!)),
    times(gap, -1),
  );
  const weight = (one: 0 | 1, other: 0 | 1) =>
    slopes.reduce((sum, slope, at) => sum + variances[at]! * slope[one] * slope[other], 0);
  const [xx, xy, yy] = [weight(0, 0), weight(0, 1), weight(1, 1)];
  const determinant = xx * yy - xy * xy;
  const factor: Point = [
    (yy * wanted[0] - xy * wanted[1]) / determinant,
    (xx * wanted[1] - xy * wanted[0]) / determinant,
  ];
  return measured.map((value, at) => value + variances[at]! * dot(slopes[at]!, factor));
}

function edgeOf(vector: Point): FittedEdge {
  const lengthMm = lengthOf(vector);
  return { along: times(vector, 1 / lengthMm), lengthMm };
}

/** Off the tube, into the frame: to the left along the down tube, to the right along the seat tube. */
export function inwards(tube: BayTube, [x, y]: Point): Point {
  return tube === 'down' ? [-y, x] : [y, -x];
}

/** Where both inside edges meet: each lies half its tube inside the bottom bracket centre. */
function innerCorner(down: FittedEdge, downMm: number, seat: FittedEdge, seatMm: number): Point {
  const [ofDown, ofSeat] = [inwards('down', down.along), inwards('seat', seat.along)];
  const determinant = cross(ofDown, ofSeat);
  return [
    (downMm * ofSeat[1] - seatMm * ofDown[1]) / determinant,
    (seatMm * ofDown[0] - downMm * ofSeat[0]) / determinant,
  ];
}

function doubleArea(outline: readonly Point[]): number {
  const [first] = outline as [Point, ...Point[]];
  return outline.reduce(
    (sum, point, at) => sum + cross(minus(point, first), minus(outline[(at + 1) % outline.length]!, first)),
    0,
  );
}
