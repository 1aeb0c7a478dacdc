interface Axle {
  threadMm: number;
  flatsMm: number;
}

/** Points on the lower half of a flatted axle around its centre: the round part, cut off at the flats. */
function outline({ threadMm, flatsMm }: Axle): [number, number][] {
  const points: [number, number][] = [];
  for (let step = 0; step <= 4000; step++) {
    const angle = (Math.PI * step) / 4000;
    const x = (threadMm / 2) * Math.cos(angle);
    const y = -(threadMm / 2) * Math.sin(angle);
    points.push([Math.max(-flatsMm / 2, Math.min(flatsMm / 2, x)), y]);
  }
  return points;
}

/** Lowers the axle into a round-bottomed slot by bisection until some point of it would leave the slot. */
export function scannedCentreMm(axle: Axle, slotMm: number): number {
  const points = outline(axle);
  const free = (centre: number) =>
    points.every(([x, y]) => {
      const height = centre + y;
      if (height >= slotMm / 2) return true;
      return Math.hypot(x, height - slotMm / 2) <= slotMm / 2 + 1e-9 && height >= -1e-9;
    });
  let low = 0;
  let high = axle.threadMm * 2;
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    if (free(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** Turns the axle by bisection until its widest point across the slot is as wide as the slot. */
export function scannedRockDeg({ threadMm, flatsMm }: Axle, slotMm: number): number {
  const chord = Math.sqrt(threadMm ** 2 - flatsMm ** 2);
  const width = (angle: number) => flatsMm * Math.cos(angle) + chord * Math.sin(angle);
  let low = 0;
  let high = Math.atan2(chord, flatsMm);
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    if (width(middle) < slotMm) low = middle;
    else high = middle;
  }
  return (low * 180) / Math.PI;
}
