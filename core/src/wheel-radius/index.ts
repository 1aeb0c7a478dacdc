/** Half the circle of a wheel by its bead seat, with a usual tyre, in m. */
export function wheelRadiusM(beadSeatMm: number, tyreWidthMm = 42): number {
  return (beadSeatMm / 2 + tyreWidthMm) / 1000;
}
