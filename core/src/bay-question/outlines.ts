import type { BayObstacle, FrameSpots } from '../battery-bay';
import { lengthOf, minus, plus, radians, times, type Point } from '../plane';
import type { FrameSpot, FrameThing, LongThing } from '../bike-facts/bay';

/** A circle is drawn from outside by so many corners: half a millimetre off at a hand's breadth. */
const corners = 24;
/** A link that turns is drawn at least so often. */
const mostTurnDeg = 8;

/** A thing in the frame as an outline in the side view, wherever it moves. */
export function outlineOf(thing: FrameThing, frame: FrameSpots): BayObstacle {
  if (thing.kind === 'round') return { id: thing.id, polygon: round(spot(frame, thing.at), thing.diameterMm / 2) };
  const rest = ends(thing, frame);
  const polygon = beam(rest, thing.thickMm);
  if (!thing.moved) return { id: thing.id, polygon };
  const moved = ends(thing.moved, frame);
  return {
    id: thing.id,
    polygon,
    moving: { to: beam(moved, thing.thickMm), via: between(rest, moved).map((each) => beam(each, thing.thickMm)) },
  };
}

type Ends = [from: Point, to: Point];

const spot = (frame: FrameSpots, { tube, alongMm, offMm }: FrameSpot): Point => frame.at(tube, alongMm, offMm);

const ends = ({ from, to }: Pick<LongThing, 'from' | 'to'>, frame: FrameSpots): Ends => [
  spot(frame, from),
  spot(frame, to),
];

function round(at: Point, radiusMm: number): Point[] {
  const outside = radiusMm / Math.cos(Math.PI / corners);
  return Array.from({ length: corners }, (_, corner) => {
    const angle = (2 * Math.PI * corner) / corners;
    return plus(at, [outside * Math.cos(angle), outside * Math.sin(angle)]);
  });
}

/** As thick past both ends as beside them: an eye is as wide as it is long. */
function beam([from, to]: Ends, thickMm: number): Point[] {
  const way = minus(to, from);
  const lengthMm = lengthOf(way);
  const along: Point = lengthMm === 0 ? [1, 0] : times(way, 1 / lengthMm);
  const half = thickMm / 2;
  const across: Point = [-along[1] * half, along[0] * half];
  const [low, high] = [minus(from, times(along, half)), plus(to, times(along, half))];
  return [minus(low, across), minus(high, across), plus(high, across), plus(low, across)];
}

/** On its way one end goes straight, the other turns about it and comes nearer or goes farther, both evenly. */
function between(rest: Ends, moved: Ends): Ends[] {
  const [start, end] = [polar(rest), polar(moved)];
  const turn = wrapped(end.angle - start.angle);
  const steps = Math.ceil(Math.abs(turn) / radians(mostTurnDeg));
  return Array.from({ length: Math.max(0, steps - 1) }, (_, step) => {
    const share = (step + 1) / steps;
    const from = plus(rest[0], times(minus(moved[0], rest[0]), share));
    const lengthMm = start.lengthMm + (end.lengthMm - start.lengthMm) * share;
    const angle = start.angle + turn * share;
    return [from, plus(from, [lengthMm * Math.cos(angle), lengthMm * Math.sin(angle)])];
  });
}

function polar([from, to]: Ends) {
  const [x, y] = minus(to, from);
  return { angle: Math.atan2(y, x), lengthMm: Math.hypot(x, y) };
}

/** The shorter way round. */
const wrapped = (angle: number) => Math.atan2(Math.sin(angle), Math.cos(angle));
