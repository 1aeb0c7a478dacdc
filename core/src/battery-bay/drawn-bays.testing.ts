import fc from 'fast-check';

import type { Point } from '../plane';
import type { BatteryBayInput, BayTriangle } from '.';

const degrees = (rad: number) => (rad * 180) / Math.PI;
export const radians = (deg: number) => (deg * Math.PI) / 180;

/** A frame from its inside corners, so that it closes. */
export function frameOf(
  corners: { bb: Point; downHead: Point; headTop: Point; seat: Point },
  diameterMm = { down: 40, seat: 32 },
) {
  const edge = ([x, y]: Point, [a, b]: Point, forward: 1 | -1, thick: number) => ({
    lengthMm: Math.hypot(a - x, b - y),
    angleDeg: degrees(Math.atan2(b - y, forward * (a - x))),
    diameterMm: thick,
  });
  const { bb, downHead, headTop, seat } = corners;
  return {
    down: edge(bb, downHead, 1, diameterMm.down),
    head: edge(downHead, headTop, -1, 36),
    seat: edge(bb, seat, -1, diameterMm.seat),
    top: edge(seat, headTop, 1, 32),
  };
}

export const corners = {
  bb: [6, 34] as Point,
  downHead: [406, 438] as Point,
  headTop: [384, 506] as Point,
  seat: [-118, 446] as Point,
};

export const plain: BatteryBayInput = {
  tubes: frameOf(corners),
  bosses: [
    { tube: 'down', fromBbMm: 190 },
    { tube: 'down', fromBbMm: 254 },
    { tube: 'seat', fromBbMm: 180 },
    { tube: 'seat', fromBbMm: 244 },
  ],
  obstacles: [],
  battery: { lengthMm: 360, heightMm: 90, widthMm: 90, massKg: 2.6 },
  rail: {
    lengthMm: 340,
    heightMm: 12,
    offsetMm: 10,
    slotsMm: [
      [20, 80],
      [90, 160],
    ],
  },
  insert: { kind: 'slide', strokeMm: 20, toward: 'bb' },
  tube: 'down',
  pedal: { qFactorMm: 165, kneeMm: 160 },
};

export const anyBay = fc
  .record({
    slope: fc.double({ min: 38, max: 52, noNaN: true }),
    seatDeg: fc.double({ min: 68, max: 78, noNaN: true }),
    lengthMm: fc.integer({ min: 220, max: 420 }),
    heightMm: fc.integer({ min: 50, max: 110 }),
    rail: fc.integer({ min: 0, max: 20 }),
    tube: fc.constantFrom<'down' | 'seat'>('down', 'seat'),
    insert: fc.oneof(
      fc.record({
        kind: fc.constant('slide' as const),
        strokeMm: fc.integer({ min: 0, max: 60 }),
        toward: fc.constantFrom<'head' | 'bb'>('head', 'bb'),
      }),
      fc.record({
        kind: fc.constant('tilt' as const),
        angleDeg: fc.integer({ min: 0, max: 40 }),
        pivot: fc.constantFrom<'head' | 'bb'>('head', 'bb'),
      }),
    ),
    block: fc.option(fc.tuple(fc.integer({ min: -100, max: 350 }), fc.integer({ min: 100, max: 430 })), {
      nil: undefined,
    }),
  })
  .map(({ slope, seatDeg, lengthMm, heightMm, rail, tube, insert, block }): BatteryBayInput => {
    const downHead: Point = [6 + 580 * Math.cos(radians(slope)), 34 + 580 * Math.sin(radians(slope))];
    const seat: Point = [6 - 430 * Math.cos(radians(seatDeg)), 34 + 430 * Math.sin(radians(seatDeg))];
    const headTop: Point = [downHead[0] - 20, downHead[1] + 66];
    return {
      ...plain,
      tubes: frameOf({ bb: [6, 34], downHead, headTop, seat }),
      battery: { ...plain.battery, lengthMm, heightMm },
      rail: {
        lengthMm: lengthMm - 20,
        heightMm: rail,
        offsetMm: 10,
        slotsMm: [
          [20, 80],
          [90, 160],
        ],
      },
      tube,
      insert,
      ...(block && {
        obstacles: [
          { id: 'block', polygon: [block, [block[0] + 25, block[1] + 4], [block[0] + 10, block[1] + 30]] as Point[] },
        ],
      }),
    };
  });

/** Room over what is asked for, by laying the battery in at many turns or shifts and measuring at each. */
export function leastMargin(input: BatteryBayInput, triangle: BayTriangle, fromMm: number): number {
  const { battery, rail, insert, tube, tubes } = input;
  const { bb, downHead, headTop, seat } = triangle;
  const far = tube === 'down' ? downHead : seat;
  const length = Math.hypot(far[0] - bb[0], far[1] - bb[1]);
  const along: Point = [(far[0] - bb[0]) / length, (far[1] - bb[1]) / length];
  const off: Point = tube === 'down' ? [-along[1], along[0]] : [along[1], -along[0]];
  const base = tubes[tube].diameterMm / 2;
  const place = ([a, o]: Point): Point => [
    (fromMm + a) * along[0] + (base + o) * off[0],
    (fromMm + a) * along[1] + (base + o) * off[1],
  ];
  const start = rail.offsetMm ?? 0;
  const bodies = [
    ...(rail.heightMm ? [boxOf(start, start + rail.lengthMm, 0, rail.heightMm)] : []),
    ...Array.from({ length: 161 }, (_, step) => {
      const box = boxOf(0, battery.lengthMm, rail.heightMm, rail.heightMm + battery.heightMm);
      if (insert.kind === 'slide') {
        const shift = (insert.toward === 'bb' ? 1 : -1) * insert.strokeMm * (step / 160);
        return box.map(([a, o]): Point => [a + shift, o]);
      }
      const isHead = insert.pivot === 'head';
      const turn = (isHead ? -1 : 1) * radians(insert.angleDeg) * (step / 160);
      const hinge = isHead ? battery.lengthMm : 0;
      return box.map(([a, o]): Point => {
        const [x, y] = [a - hinge, o - rail.heightMm];
        return [
          hinge + x * Math.cos(turn) - y * Math.sin(turn),
          rail.heightMm + x * Math.sin(turn) + y * Math.cos(turn),
        ];
      });
    }),
  ].map((body) => body.map(place));
  const outline = [bb, downHead, headTop, seat];
  const walls = edgesOf(outline).filter((_, at) => at !== (tube === 'down' ? 0 : 3));
  const blocks = input.obstacles.map(({ polygon }) => polygon);
  const rooms = bodies.flatMap((body) => {
    const middle: Point = [(body[0]![0] + body[2]![0]) / 2, (body[0]![1] + body[2]![1]) / 2];
    return [
      ...walls.map((wall) => apart(body, [wall], isInside(middle, outline))),
      ...blocks.map((block) => apart(body, edgesOf(block), !isInside(middle, block))),
    ];
  });
  return Math.min(...rooms) - (input.clearanceMm ?? 5);
}

/** Between an outline and edges; less than nothing where they cross, or where it is on the wrong side of them. */
function apart(body: Point[], edges: [Point, Point][], isRight: boolean): number {
  const own = edgesOf(body);
  const crosses = edges.some(
    (edge) => own.some((each) => cross(edge, each)) || edge.some((end) => isInside(end, body)),
  );
  const near = Math.min(
    ...body.flatMap((corner) => edges.map((edge) => distance(corner, edge))),
    ...edges.flatMap((edge) => edge.flatMap((end) => own.map((each) => distance(end, each)))),
  );
  return isRight && !crosses ? near : -1;
}

function boxOf(from: number, to: number, low: number, high: number): Point[] {
  return [
    [from, low],
    [to, low],
    [to, high],
    [from, high],
  ];
}

function edgesOf(outline: Point[]): [Point, Point][] {
  return outline.map((corner, at) => [corner, outline[(at + 1) % outline.length]!]);
}

/** By solving for where two lines meet. */
function cross([[a, b], [c, d]]: [Point, Point], [[e, f], [g, h]]: [Point, Point]): boolean {
  const under = (c - a) * (h - f) - (d - b) * (g - e);
  if (under === 0) return false;
  const first = ((e - a) * (h - f) - (f - b) * (g - e)) / under;
  const second = ((e - a) * (d - b) - (f - b) * (c - a)) / under;
  return first > 0 && first < 1 && second > 0 && second < 1;
}

function distance([x, y]: Point, [[a, b], [c, d]]: [Point, Point]): number {
  const square = (c - a) ** 2 + (d - b) ** 2;
  const at = Math.max(0, Math.min(1, ((x - a) * (c - a) + (y - b) * (d - b)) / square));
  return Math.hypot(x - a - at * (c - a), y - b - at * (d - b));
}

function isInside([x, y]: Point, outline: Point[]): boolean {
  let inside = false;
  outline.forEach(([a, b], at) => {
    const [c, d] = outline[(at + 1) % outline.length]!;
    if (b > y !== d > y && x < a + ((y - b) / (d - b)) * (c - a)) inside = !inside;
  });
  return inside;
}
