import type { BatteryBayInput, BayTriangle, LaidBattery } from '../battery-bay';

/** In mm, x forward and y up, from the bottom bracket centre. */
export type Point = [x: number, y: number];

/** A tube by its axis. */
export interface TubeLine {
  from: Point;
  to: Point;
  widthMm: number;
}

export interface BayPlan {
  tubes: TubeLine[];
  bosses: Point[];
  /** What is in the way, as it stands. */
  things: Point[][];
  /** The same at the other end of its travel. */
  moved: Point[][];
  battery: Point[];
  rail: Point[] | null;
  swept: Point[];
  /** Bands round tube and battery: from outside the tube to over the battery. */
  bands: [from: Point, to: Point][];
  key: Point | null;
  /** The controller; null where it is not drawn. */
  box: Point[] | null;
  /** How far the drawing reaches. */
  bounds: { left: number; right: number; bottom: number; top: number };
}

const marginMm = 45;
/** Where a controller is pushed to behind the frame; its own place moves nothing else. */
const behindMm = 130;
/** Head and seat tube go on above the corner that was measured. */
const beyondMm = 45;

/**
 * The frame from its right side with the battery in it, as a plan in millimetres.
 *
 * @param triangle - inside corners of the frame as fitted
 * @param box - outline of the controller; where it can be pushed the drawing leaves room behind the seat tube
 */
export function bayPlan(
  input: BatteryBayInput,
  triangle: BayTriangle,
  laid: LaidBattery,
  box: Point[] | null = null,
): BayPlan {
  const { bb, downHead, headTop, seat } = triangle;
  const { down, seat: seatTube, top, head } = input.tubes;
  const tubes = [
    tube(bb, downHead, down.diameterMm, 1, Math.hypot(...bb), head ? head.diameterMm / 2 : 0),
    tube(bb, seat, seatTube.diameterMm, -1, Math.hypot(...bb), beyondMm),
    tube(seat, headTop, top.diameterMm, -1, seatTube.diameterMm / 2, head ? head.diameterMm / 2 : 0),
    ...(head ? [tube(downHead, headTop, head.diameterMm, 1, beyondMm, beyondMm)] : []),
  ];
  // Not by the battery: while it is pushed the drawing stays where it is.
  const points = [...tubes.flatMap(({ from, to }) => [from, to]), ...input.obstacles.flatMap(({ polygon }) => polygon)];
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return {
    tubes,
    bosses: input.bosses
      .map(({ tube: on, fromBbMm }) => bossAt(on, fromBbMm, triangle, input.tubes))
      .filter((boss) => boss !== null),
    things: input.obstacles.map(({ polygon }) => polygon),
    moved: input.obstacles.flatMap(({ moving }) => (moving ? [moving.to] : [])),
    battery: laid.battery,
    rail: laid.rail,
    swept: laid.swept,
    bands: bandsOf(input, laid),
    key: laid.keyAt ?? null,
    box,
    bounds: {
      left: Math.min(...xs) - marginMm - (box ? behindMm : 0),
      right: Math.max(...xs) + marginMm,
      bottom: Math.min(...ys) - marginMm,
      top: Math.max(...ys) + marginMm,
    },
  };
}

/** Where bands go as long as nobody has said: near both ends of the rail, or at the end that is farther from its boss. */
function bandsOf({ rail, battery, tube: on, tubes }: BatteryBayInput, laid: LaidBattery): [Point, Point][] {
  const { fixing, bossesMm, fromMm } = laid;
  if (fixing !== 'bands' && fixing !== 'boss-band') return [];
  const from = rail.offsetMm ?? 0;
  const [low, high] = [from + endMm, from + rail.lengthMm - endMm];
  const boss = (bossesMm[0] ?? fromMm) - fromMm;
  const at = fixing === 'bands' ? [low, high] : [Math.abs(low - boss) > Math.abs(high - boss) ? low : high];
  const [a, b, , d] = laid.battery as [Point, Point, Point, Point];
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const along: Point = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const thick = Math.hypot(d[0] - a[0], d[1] - a[1]) || 1;
  const off: Point = [(d[0] - a[0]) / thick, (d[1] - a[1]) / thick];
  const under = rail.heightMm + tubes[on].diameterMm + 3;
  return at.map((mm) => {
    const foot: Point = [a[0] + along[0] * mm, a[1] + along[1] * mm];
    return [
      [foot[0] - off[0] * under, foot[1] - off[1] * under],
      [foot[0] + off[0] * (battery.heightMm + 3), foot[1] + off[1] * (battery.heightMm + 3)],
    ];
  });
}

/** A band lies so far from the rail's end. */
const endMm = 25;

/** @param outer - on which side of the inside edge the tube lies, seen along it: 1 right, -1 left */
function tube(from: Point, to: Point, widthMm: number, outer: 1 | -1, beforeMm: number, afterMm: number): TubeLine {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const along: Point = [(to[0] - from[0]) / length, (to[1] - from[1]) / length];
  const shift = (outer * widthMm) / 2;
  const off: Point = [along[1] * shift, -along[0] * shift];
  return {
    from: [from[0] + off[0] - along[0] * beforeMm, from[1] + off[1] - along[1] * beforeMm],
    to: [to[0] + off[0] + along[0] * afterMm, to[1] + off[1] + along[1] * afterMm],
    widthMm,
  };
}

/** On the inside edge of its tube; those of other tubes hold no battery. */
function bossAt(
  on: string,
  fromBbMm: number,
  { bb, downHead, seat }: BayTriangle,
  tubes: BatteryBayInput['tubes'],
): Point | null {
  if (on !== 'down' && on !== 'seat') return null;
  const end = on === 'down' ? downHead : seat;
  const length = Math.hypot(end[0] - bb[0], end[1] - bb[1]) || 1;
  const along: Point = [(end[0] - bb[0]) / length, (end[1] - bb[1]) / length];
  // The axis goes through the bottom bracket centre: the foot of the boss lies half a tube inside it.
  const half = tubes[on].diameterMm / 2;
  const off: Point = on === 'down' ? [-along[1], along[0]] : [along[1], -along[0]];
  return [along[0] * fromBbMm + off[0] * half, along[1] * fromBbMm + off[1] * half];
}
