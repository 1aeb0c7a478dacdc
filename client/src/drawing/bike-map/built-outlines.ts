import type { End } from '@cricket/core/features';

import type { FrameShape, Point } from './frame-shape';

/** What a conversion puts onto a bike, as far as it is drawn. */
export interface Built {
  battery: 'down' | 'seat' | 'rack' | 'bag' | 'wheel';
  controller: 'frame' | 'bag' | 'built-in';
  /** Of the battery; as such packs mostly are where nobody has measured it. */
  pack: { lengthMm: number; heightMm: number } | null;
  motorAt: End;
  coverDiameterMm: number;
}

export interface BuiltOutlines {
  battery: Point[] | null;
  controller: Point[] | null;
  motor: { at: Point; radius: number };
}

const usualPack = { lengthMm: 360, heightMm: 90 };
const box = { lengthMm: 120, heightMm: 50 };
/** Half a tube and the rail. */
const offMm = 34;

/** Outlines of motor, battery and controller in the side view, in its millimetres. */
export function builtOutlines(shape: FrameShape, built: Built): BuiltOutlines {
  const { battery, controller, motorAt, coverDiameterMm } = built;
  const pack = built.pack ?? usualPack;
  return {
    battery: battery === 'wheel' ? null : packIn(shape, battery, pack),
    controller: controller === 'built-in' ? null : boxIn(shape, controller),
    motor: { at: shape[motorAt], radius: coverDiameterMm / 2 },
  };
}

type Size = Readonly<Record<'lengthMm' | 'heightMm', number>>;

function packIn(shape: FrameShape, place: 'down' | 'seat' | 'rack' | 'bag', size: Size): Point[] {
  const { inside } = shape;
  if (inside && (place === 'down' || place === 'seat')) {
    const [to, other] = place === 'down' ? [inside.headLow, inside.seat] : [inside.seat, inside.headLow];
    return alongTube(inside.crank, to, other, size);
  }
  return place === 'bag' ? upright(bagAt(shape), size) : upright(rackAt(shape), size);
}

const rackAt = ({ rear, rearRadius }: FrameShape): Point => ({ x: rear.x - 40, y: rear.y - rearRadius - 40 });

/** Below the seat, behind it. */
const bagAt = ({ inside, rear, rearRadius }: FrameShape): Point =>
  inside ? { x: inside.seat.x - 170, y: inside.seat.y + 60 } : { x: rear.x, y: rear.y - rearRadius - 60 };

function boxIn(shape: FrameShape, place: 'frame' | 'bag'): Point[] {
  const { inside } = shape;
  if (place === 'bag' || !inside) {
    const at = bagAt(shape);
    return upright({ x: at.x, y: at.y + 70 }, box);
  }
  // Behind the seat tube, above the stays.
  const { crank, seat } = inside;
  const at = { x: crank.x + (seat.x - crank.x) * 0.3, y: crank.y + (seat.y - crank.y) * 0.3 };
  return upright({ x: at.x - box.lengthMm / 2 - 30, y: at.y }, box);
}

/** A box that stands level, by the middle of its lower edge. */
function upright({ x, y }: Point, { lengthMm, heightMm }: Size): Point[] {
  const half = lengthMm / 2;
  return [
    { x: x - half, y: y - heightMm },
    { x: x + half, y: y - heightMm },
    { x: x + half, y },
    { x: x - half, y },
  ];
}

/** A box on a tube, on the side on which the frame is open, its middle half way up what is free. */
function alongTube(from: Point, to: Point, inward: Point, { lengthMm, heightMm }: Size): Point[] {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
  const square = { x: -along.y, y: along.x };
  const side = Math.sign((inward.x - from.x) * square.x + (inward.y - from.y) * square.y) || 1;
  const start = Math.max(60, (length - lengthMm) / 2);
  const at = (alongMm: number, outMm: number): Point => ({
    x: from.x + along.x * alongMm + square.x * side * outMm,
    y: from.y + along.y * alongMm + square.y * side * outMm,
  });
  return [
    at(start, offMm),
    at(start + lengthMm, offMm),
    at(start + lengthMm, offMm + heightMm),
    at(start, offMm + heightMm),
  ];
}
