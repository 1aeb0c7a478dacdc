import type { BoxPlace } from '../bay-question';
import type { Finding } from '../verdict';
import type { Point } from '../plane';

/** The controller where somebody has put it. */
export interface PlacedBox {
  place: BoxPlace;
  /** To be drawn. */
  outline: Point[];
  findings: Finding[];
  /** Air below it and on its other sides, as the drawing has it; null where it runs into something. */
  gaps: { belowMm: number; aroundMm: number } | null;
}

export interface OpenBoxPlace {
  /** Whatever place is asked for. */
  placedAt(place: BoxPlace): PlacedBox;
  /** The same against the nearest tube, lying along it. */
  againstTube(place: BoxPlace): BoxPlace;
  /** Where it lies as long as nobody has put it anywhere: behind the seat tube, or before it, where it is free. */
  usual: BoxPlace;
}
