import { InputError } from '../input';
import { lengthOf, minus, plus, times, type Point } from '../plane';
import type { BayTriangle, FrameTubes } from './contract';
import { fittedFrame } from './frame-triangle';
import { onTube, tubeSide } from './way-in';

/** A frame that places can be found in as a tape finds them. */
export interface FrameSpots {
  triangle: BayTriangle;
  /**
   * @param alongMm - along the tube: from the bottom bracket centre, for the top tube from its corner at the seat tube
   * @param offMm - square off its inside edge, into the frame
   */
  at(tube: 'down' | 'seat' | 'top', alongMm: number, offMm: number): Point;
}

/**
 * Places in a frame by their distance along a tube and off it: that is how they are measured.
 *
 * @returns null when the tubes enclose nothing: a length or an angle is wrong
 *
 * @example
 * frameSpots({
 *   down: { lengthMm: 600, diameterMm: 40, angleDeg: 45 },
 *   seat: { lengthMm: 450, diameterMm: 32, angleDeg: 73 },
 *   top: { lengthMm: 556, diameterMm: 32, angleDeg: -0.6 },
 * }).at('down', 190, 0)
 * // [120.2, 148.5]
 */
export function frameSpots(tubes: FrameTubes): FrameSpots | null {
  const frame = fittedOrNull(tubes);
  if (!frame) return null;
  const { triangle } = frame;
  const top = minus(triangle.headTop, triangle.seat);
  const along = times(top, 1 / lengthOf(top));
  const down: Point = [along[1], -along[0]];
  return {
    triangle,
    at: (tube, alongMm, offMm) =>
      tube === 'top'
        ? plus(triangle.seat, plus(times(along, alongMm), times(down, offMm)))
        : onTube(tubeSide(frame, tubes, tube), alongMm, offMm),
  };
}

function fittedOrNull(tubes: FrameTubes) {
  try {
    return fittedFrame(tubes);
  } catch (error) {
    if (error instanceof InputError) return null;
    throw error;
  }
}
