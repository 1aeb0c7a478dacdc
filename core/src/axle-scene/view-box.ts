import type { Stretch } from '../scene';
import type { AxleLayout } from './axle-parts';

export type AxleView = 'whole' | 'left' | 'right';

/** Which stretch of the axle a view shows: all of it, or one end close up, at which a 1 mm washer is several pixels wide. */
export function viewBox(layout: AxleLayout, view: AxleView, width: number, height: number): Stretch {
  const margin = 4;
  const [leftMm, rightMm] =
    view === 'whole'
      ? [layout.ends.left - margin, layout.ends.right + margin]
      : view === 'left'
        ? [layout.ends.left - margin, layout.shoulders.left + 14]
        : [layout.shoulders.right - 14, layout.ends.right + margin];
  const heightMm = ((rightMm - leftMm) * height) / width;
  // More room above the axle: blades, rotor and caliper are there.
  return { leftMm, rightMm, upMm: heightMm * 0.56, downMm: heightMm * 0.44 };
}
