import type { Tones } from '../../ui/tones';
import type { AxleLayout, AxleLineData } from './axle-parts';

/** How millimetres become pixels in one view. */
export interface Drawing {
  tones: Tones;
  scale: number;
  x: (mm: number) => number;
  y: (mm: number) => number;
  box: { upMm: number; downMm: number };
  height: number;
}

/** What every piece of the drawing is drawn from. */
export interface Piece {
  draw: Drawing;
  layout: AxleLayout;
  data: AxleLineData;
}
