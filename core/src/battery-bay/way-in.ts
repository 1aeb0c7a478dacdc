import { plus, radians, times, type Point } from '../plane';
import type { BatteryBayInput, BayTube } from './contract';
import { inwards, type FittedFrame } from './frame-triangle';

/** An arc is drawn from outside by pieces that leave it by no more than this. */
const mostSagittaMm = 0.01;

/** Where things lie on one tube: along it from the bottom bracket centre, and off its axis into the frame. */
export interface TubeSide {
  along: Point;
  off: Point;
  /** Half the tube: the inside edge is so far off. */
  halfMm: number;
}

export function tubeSide({ edges }: FittedFrame, tubes: BatteryBayInput['tubes'], tube: BayTube): TubeSide {
  const { along } = edges[tube];
  return { along, off: inwards(tube, along), halfMm: tubes[tube].diameterMm / 2 };
}

/** A point by its distances along the tube and off its inside edge. */
export function onTube({ along, off, halfMm }: TubeSide, alongMm: number, offMm: number): Point {
  return plus(times(along, alongMm), times(off, halfMm + offMm));
}

/** A convex outline, its distances counted from the battery's lower end and from the tube's inside edge. */
type Outline = Point[];

function rectangle(fromMm: number, toMm: number, lowMm: number, highMm: number): Outline {
  return [
    [fromMm, lowMm],
    [toMm, lowMm],
    [toMm, highMm],
    [fromMm, highMm],
  ];
}

export const batteryOutline = ({ battery, rail }: Pick<BatteryBayInput, 'battery' | 'rail'>): Outline =>
  rectangle(0, battery.lengthMm, rail.heightMm, rail.heightMm + battery.heightMm);

/** Everything that the battery sweeps while it is put in, where it ends up included: convex, whichever way it goes in. */
export function sweptOutline(input: Pick<BatteryBayInput, 'battery' | 'rail' | 'insert'>): Outline {
  const { battery, rail, insert } = input;
  if (insert.kind === 'slide') {
    // It comes from the other end.
    const [before, after] = insert.toward === 'head' ? [insert.strokeMm, 0] : [0, insert.strokeMm];
    return rectangle(-before, battery.lengthMm + after, rail.heightMm, rail.heightMm + battery.heightMm);
  }
  const turned = tilted(battery.lengthMm, battery.heightMm, radians(insert.angleDeg));
  return turned.map(([x, y]) => [insert.pivot === 'head' ? battery.lengthMm - x : x, y + rail.heightMm]);
}

/** The rail stands on the frame; one without height is nothing that could be hit. */
export function railOutline({ rail }: Pick<BatteryBayInput, 'rail'>): Outline | null {
  const from = rail.offsetMm ?? 0;
  return rail.heightMm > 0 ? rectangle(from, from + rail.lengthMm, 0, rail.heightMm) : null;
}

/**
 * What a rectangle on the ground sweeps that is turned about its corner at the origin, its far end upwards: below its far corner
 * as it lies, above it as it ends, between them the arc of that corner.
 */
function tilted(lengthMm: number, heightMm: number, angle: number): Outline {
  const radiusMm = Math.hypot(lengthMm, heightMm);
  const start = Math.atan2(heightMm, lengthMm);
  const widest = 2 * Math.acos(radiusMm / (radiusMm + mostSagittaMm));
  const pieces = Math.ceil(angle / widest);
  const step = angle / Math.max(1, pieces);
  const outside = radiusMm / Math.cos(step / 2);
  const at = (radius: number, direction: number): Point => [radius * Math.cos(direction), radius * Math.sin(direction)];
  const arc = Array.from({ length: pieces }, (_, piece) => at(outside, start + (piece + 0.5) * step));
  const upright = at(heightMm, Math.PI / 2 + angle);
  return [[0, 0], [lengthMm, 0], [lengthMm, heightMm], ...arc, at(radiusMm, start + angle), upright];
}
