import type { BikeKind } from '@cricket/contract/shapes';

export interface Point {
  x: number;
  y: number;
}

/** What is known of a bike's size; usual figures stand in for what is not. */
export interface BikeSize {
  kind: BikeKind;
  beadSeatMm: number | null;
  wheelbaseMm: number | null;
  chainStayMm: number | null;
  /** Corners of the frame as its tubes were measured, from the bottom bracket: x to the front, y up. */
  frame?: MeasuredFrame | null;
}

type Corner = readonly [x: number, y: number];

/** Where the tubes of a measured frame meet. */
export interface MeasuredFrame {
  downHead: Corner;
  headTop: Corner;
  seat: Corner;
}

/** The side view in mm: x to the front from the rear axle, y down from the axles' line. */
export interface FrameShape {
  rear: Point;
  front: Point;
  rearRadius: number;
  frontRadius: number;
  /** Open lines of the frame. */
  tubes: Point[][];
  /** Corners of the room in the frame; null where there is none. */
  inside: { crank: Point; headLow: Point; seat: Point } | null;
  /** Closed outlines drawn hatched: a box, a rack's load. */
  loads: Point[][];
  bounds: { left: number; top: number; right: number; bottom: number };
}

const usualWheelbase: Record<BikeKind, number> = {
  upright: 1080,
  'step-through': 1090,
  'box-bike': 1480,
  longtail: 1320,
  'drop-bar': 1040,
  trike: 1080,
  tandem: 1740,
};

/** Tyre that is drawn around the bead seat, in mm. */
const tyreMm = 42;

/**
 * Lays out a bike's side view from wheel size, wheelbase and chain stay.
 *
 * @example frameShape({ kind: 'upright', beadSeatMm: 622, wheelbaseMm: 1080, chainStayMm: 445 }).front // { x: 1080, y: 0 }
 */
export function frameShape({ kind, beadSeatMm, wheelbaseMm, chainStayMm, frame }: BikeSize): FrameShape {
  const radius = (beadSeatMm ?? 622) / 2 + tyreMm;
  const base = wheelbaseMm ?? usualWheelbase[kind];
  const stay = chainStayMm ?? 445;
  const frontRadius = kind === 'box-bike' ? radius * 0.78 : radius;
  const rear = { x: 0, y: 0 };
  const front = { x: base, y: radius - frontRadius };
  const drop = Math.min(60, radius * 0.2);
  const crank = { x: Math.sqrt(Math.max(1, stay ** 2 - drop ** 2)), y: drop };
  const shape = { rear, front, rearRadius: radius, frontRadius };
  const drawn =
    kind === 'trike' ? recumbent(crank, rear, front, radius) : upright(kind, crank, rear, front, radius, frame ?? null);
  const points = [...drawn.tubes, ...drawn.loads].flat();
  return {
    ...shape,
    ...drawn,
    bounds: {
      left: -radius - 20,
      top: Math.min(-radius, ...points.map(({ y }) => y)) - 30,
      right: base + Math.max(frontRadius, radius * 0.6) + 20,
      bottom: radius + 20,
    },
  };
}

/** As such frames mostly are, where nobody has measured this one. */
function usualFrame(kind: BikeKind, crank: Point, front: Point, radius: number) {
  const head = { x: kind === 'box-bike' ? crank.x + 560 : front.x - 190, y: -radius - 260 };
  const seat = { x: crank.x - 170, y: crank.y - 560 };
  return {
    seat,
    head,
    headLow: { x: head.x + 45, y: head.y + 130 },
    topAtSeat: { x: seat.x + 25, y: seat.y + 70 },
  };
}

/** A saddle stands so far above the corner of top and seat tube. */
const postMm = 90;

function measuredFrame({ downHead, headTop, seat }: MeasuredFrame, crank: Point) {
  const at = ([x, y]: Corner): Point => ({ x: crank.x + x, y: crank.y - y });
  const corner = at(seat);
  const length = Math.hypot(...seat) || 1;
  return {
    seat: { x: corner.x + (postMm * seat[0]) / length, y: corner.y - (postMm * seat[1]) / length },
    head: at(headTop),
    headLow: at(downHead),
    topAtSeat: corner,
  };
}

function upright(kind: BikeKind, crank: Point, rear: Point, front: Point, radius: number, frame: MeasuredFrame | null) {
  const measured = frame ? measuredFrame(frame, crank) : usualFrame(kind, crank, front, radius);
  const { seat, head, headLow, topAtSeat } = measured;
  const bar = { x: head.x - 25, y: head.y - 90 };
  const tubes: Point[][] = [
    [crank, rear, { x: seat.x + 22, y: seat.y + 60 }],
    [crank, seat],
    [
      { x: seat.x - 90, y: seat.y - 20 },
      { x: seat.x + 100, y: seat.y - 20 },
    ],
    [seat, { x: seat.x, y: seat.y - 20 }],
    [headLow, head, bar],
  ];
  const loads: Point[][] = [];
  if (kind === 'step-through')
    tubes.push([headLow, { x: crank.x + 40, y: crank.y - 60 }, { x: crank.x - 50, y: crank.y - 190 }]);
  else tubes.push([headLow, crank], [head, topAtSeat]);
  if (kind === 'tandem') {
    const secondCrank = { x: crank.x + 660, y: crank.y };
    const secondSeat = { x: secondCrank.x - 170, y: seat.y };
    tubes.splice(5);
    tubes.push([crank, secondCrank, headLow], [secondCrank, secondSeat], [head, topAtSeat]);
    tubes.push([
      { x: secondSeat.x - 90, y: secondSeat.y - 20 },
      { x: secondSeat.x + 100, y: secondSeat.y - 20 },
    ]);
    tubes.push([
      { x: secondSeat.x - 20, y: secondSeat.y - 110 },
      { x: secondSeat.x + 40, y: secondSeat.y - 110 },
    ]);
  }
  if (kind === 'box-bike') {
    const floor = front.y - 40;
    const back = headLow.x + 40;
    const nose = front.x - 60;
    loads.push([
      { x: back, y: floor - 420 },
      { x: nose + 120, y: floor - 420 },
      { x: nose, y: floor - 90 },
      { x: back, y: floor - 30 },
    ]);
    tubes.push([headLow, { x: headLow.x + 50, y: floor - 20 }, { x: front.x - 200, y: floor + 10 }, front]);
  } else tubes.push([headLow, { x: front.x - 60, y: front.y - 150 }, front]);
  if (kind === 'longtail')
    tubes.push([
      { x: seat.x + 10, y: -radius - 60 },
      { x: -radius - 10, y: -radius - 60 },
      { x: -120, y: -40 },
    ]);
  if (kind === 'drop-bar')
    tubes.push([
      bar,
      { x: bar.x + 130, y: bar.y + 4 },
      { x: bar.x + 170, y: bar.y + 60 },
      { x: bar.x + 90, y: bar.y + 120 },
    ]);
  else
    tubes.push([
      { x: bar.x - 90, y: bar.y + 4 },
      { x: bar.x + 40, y: bar.y - 14 },
    ]);
  return { tubes, loads, inside: { crank, headLow, seat: topAtSeat } };
}

function recumbent(crank: Point, rear: Point, front: Point, radius: number) {
  const boom = { x: front.x + 330, y: -120 };
  const low = { x: crank.x + 40, y: 0 };
  return {
    tubes: [
      [rear, { x: low.x, y: -20 }, { x: front.x, y: -40 }, boom],
      [
        { x: low.x - 220, y: -radius - 240 },
        { x: low.x + 40, y: -90 },
        { x: low.x + 330, y: -110 },
      ],
      [
        { x: low.x + 240, y: -60 },
        { x: low.x + 300, y: -260 },
      ],
      [
        { x: boom.x - 40, y: boom.y + 40 },
        { x: boom.x + 40, y: boom.y - 40 },
      ],
    ],
    loads: [] as Point[][],
    inside: null,
  };
}
