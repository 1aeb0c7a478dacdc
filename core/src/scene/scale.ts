/** Which stretch of the world a drawing shows, in mm; up is positive. */
export interface Stretch {
  leftMm: number;
  rightMm: number;
  upMm: number;
  downMm: number;
}

/** How millimetres become pixels. */
export interface Scale {
  pxPerMm: number;
  x(mm: number): number;
  y(mm: number): number;
}

/**
 * The scale at which a stretch fills a width; both ways the same.
 *
 * @example scaleOf({ leftMm: 0, rightMm: 100, upMm: 20, downMm: 20 }, 200).x(50) // 100
 */
export function scaleOf({ leftMm, rightMm, upMm }: Stretch, width: number): Scale {
  const pxPerMm = width / (rightMm - leftMm);
  return { pxPerMm, x: (mm) => (mm - leftMm) * pxPerMm, y: (mm) => (upMm - mm) * pxPerMm };
}
