import type { Scale, Stretch } from '../scene';
import type { AxleLayout, AxleLineData } from './axle-parts';

/** What every piece of the drawing is drawn from. */
export interface Frame {
  scale: Scale;
  stretch: Stretch;
  /** Of the drawing without the names under it, in px. */
  height: number;
  layout: AxleLayout;
  data: AxleLineData;
}
