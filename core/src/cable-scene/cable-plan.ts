import type { BayTriangle } from '../battery-bay';
import { placesAt, type CableRun, type CableRunsInput, type Setting, type Spot } from '../cable-runs';

export type CableViewFrom = 'side' | 'above';
export type CableCrop = 'all' | 'front' | 'middle' | 'rear';
/** In mm on the plane of the drawing: to the right, and up. */
export type Point = [x: number, y: number];

export interface SceneLine {
  points: Point[];
  isPicked: boolean;
}

export interface CablePlan {
  /** Inside edges of the frame, where its tubes are measured. */
  frame: Point[];
  discs: { id: string; centre: Point; radiusMm: number; halfWidthMm: number }[];
  crank: { radiusMm: number; halfWidthMm: number };
  head: [Point, Point];
  lines: SceneLine[];
  anchors: { id: string; at: Point; isOnPath: boolean }[];
  /** Where a tie sits on the picked run. */
  ties: Point[];
  coil: Point | null;
  bounds: { left: number; right: number; bottom: number; top: number };
}

/** From the right: forward and up. From above: forward, and to the rider's right downwards. */
export const seenFrom = (from: CableViewFrom, [x, y, z]: Spot): Point => (from === 'side' ? [x, y] : [x, -z]);

/** What a move on the drawing does to a place. */
export function movedSpot(from: CableViewFrom, [x, y, z]: Spot, [right, up]: Point): Spot {
  return from === 'side' ? [x + right, y + up, z] : [x + right, y, z - up];
}

/** Places that a hand has moved, by their names, before the page has followed. */
export type HeldPlaces = Readonly<Record<string, Spot>>;

/** Bars, fork and swingarm where they are measured. */
export const straight: Setting = { steerDeg: 0, travelMm: 0, swingDeg: 0 };

const headLengthMm = 160;
const cropReachMm = { front: 330, middle: 330, rear: 330 };

/**
 * The bike with its cables as a plan in millimetres, with bars, fork and swingarm where they are set.
 *
 * @param picked - the run that is looked at, with its ties; null: none
 */
export function cablePlan(
  input: CableRunsInput,
  picked: CableRun | null,
  setting: Setting,
  from: CableViewFrom,
  crop: CableCrop,
  triangle: BayTriangle | null,
): CablePlan {
  const { anchors, discs } = placesAt(input, setting);
  const on = (spot: Spot) => seenFrom(from, spot);
  const path = input.cables.find(({ id }) => id === picked?.id)?.path ?? [];
  const lines = input.cables
    .filter((cable) => cable.path.every((id) => anchors[id]))
    .map((cable): SceneLine => ({
      points: cable.path.map((id) => on(anchors[id]!)),
      isPicked: cable.id === picked?.id,
    }))
    // What is looked at lies on top.
    .sort((a, b) => Number(a.isPicked) - Number(b.isPicked));
  const { head } = input;
  const angle = (head.angleDeg * Math.PI) / 180;
  const top: Spot = [
    head.point[0] - headLengthMm * Math.cos(angle),
    head.point[1] + headLengthMm * Math.sin(angle),
    head.point[2],
  ];
  const scene = {
    frame: triangle && from === 'side' ? [triangle.bb, triangle.downHead, triangle.headTop, triangle.seat] : [],
    discs: input.discs.map(({ id, radiusMm, halfWidthMm }) => ({
      id,
      centre: on(discs[id]!),
      radiusMm,
      halfWidthMm,
    })),
    crank: input.crank,
    head: [on(head.point), on(top)] as [Point, Point],
    lines,
    anchors: Object.entries(anchors).map(([id, at]) => ({ id, at: on(at), isOnPath: path.includes(id) })),
    ties: picked
      ? tiesOn(
          picked,
          path.map((id) => on(anchors[id]!)),
        )
      : [],
    coil: picked?.coilAt ? on(anchors[picked.coilAt]!) : null,
  };
  return { ...scene, bounds: boundsOf(scene, crop, on(head.point), from) };
}

/** Along each span in the share that it needs of the run. */
function tiesOn({ tiesMm, spans }: CableRun, points: readonly Point[]): Point[] {
  let passed = 0;
  const stretches = spans.map(({ neededMm }, at) => {
    const start = passed;
    passed += neededMm;
    return { start, neededMm, from: points[at]!, to: points[at + 1]! };
  });
  return tiesMm.flatMap((mm): Point[] => {
    const span = stretches.find(({ start, neededMm }) => mm <= start + neededMm + 1e-6) ?? stretches.at(-1);
    if (!span) return [];
    const share = span.neededMm > 0 ? (mm - span.start) / span.neededMm : 0;
    return [[span.from[0] + (span.to[0] - span.from[0]) * share, span.from[1] + (span.to[1] - span.from[1]) * share]];
  });
}

function boundsOf(
  { discs, anchors, frame }: Pick<CablePlan, 'discs' | 'anchors' | 'frame'>,
  crop: CableCrop,
  head: Point,
  from: CableViewFrom,
): CablePlan['bounds'] {
  const points = [...anchors.map(({ at }) => at), ...frame];
  const reach = discs.map(({ centre: [x, y], radiusMm, halfWidthMm }) => {
    const up = from === 'side' ? radiusMm : halfWidthMm;
    return { left: x - radiusMm, right: x + radiusMm, bottom: y - up, top: y + up };
  });
  const whole = {
    left: Math.min(...points.map(([x]) => x), ...reach.map(({ left }) => left)) - 30,
    right: Math.max(...points.map(([x]) => x), ...reach.map(({ right }) => right)) + 30,
    bottom: Math.min(...points.map(([, y]) => y), ...reach.map(({ bottom }) => bottom)) - 60,
    top: Math.max(...points.map(([, y]) => y), ...reach.map(({ top }) => top)) + 60,
  };
  if (crop === 'all') return whole;
  const half = cropReachMm[crop];
  const rear = discs.reduce<Point>((least, { centre }) => (centre[0] < least[0] ? centre : least), [0, 0]);
  const middle: Point =
    crop === 'front' ? head : crop === 'rear' ? [rear[0] + half / 3, rear[1]] : [head[0] / 2, head[1] / 2];
  return {
    left: middle[0] - half,
    right: middle[0] + half,
    bottom: middle[1] - half * 0.85,
    top: middle[1] + half * 0.85,
  };
}
