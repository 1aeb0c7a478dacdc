/**
 * Length of a flat on a round axle: sqrt(D² − w²).
 *
 * @example flatChordMm(12, 10) // 6.633
 */
export function flatChordMm(threadMm: number, flatsMm: number): number {
  return Math.sqrt(threadMm ** 2 - flatsMm ** 2);
}

/**
 * Angle that the axle can turn before the corners of its flats bear on the slot's walls.
 *
 * The corner stands D/2 from the centre at φ = atan2(l, w) from the flats' normal; it meets a wall s/2 away when
 * D·cos(φ − θ) = s.
 *
 * @returns degrees, 0 when the flats are tight, null when the slot is as wide as the thread and the axle spins free
 */
export function rockAngleDeg(threadMm: number, flatsMm: number, slotMm: number): number | null {
  if (slotMm >= threadMm) return null;
  const corner = Math.atan2(flatChordMm(threadMm, flatsMm), flatsMm);
  return (Math.max(0, corner - Math.acos(slotMm / threadMm)) * 180) / Math.PI;
}

/**
 * Height of the axle's centre above the bottom of the seat.
 *
 * In a round seat of the slot's own width the corners of the flats touch first and hold the axle up; on a flat seat or one
 * relieved to the axle's round, the thread's own round touches.
 *
 * @param slotMm - width at the seat, after filing; at least the flats
 * @example axleCentreMm(12, 10, 10.05, 'round') // 7.84
 */
export function axleCentreMm(
  threadMm: number,
  flatsMm: number,
  slotMm: number,
  seat: 'round' | 'flat' | 'relieved',
): number {
  if (seat !== 'round') return threadMm / 2;
  const cornersTouch =
    flatChordMm(threadMm, flatsMm) / 2 + slotMm / 2 - Math.sqrt(Math.max(0, slotMm ** 2 - flatsMm ** 2)) / 2;
  return Math.max(threadMm / 2, cornersTouch);
}

/**
 * Length of flat held between the slot's walls, from the mouth's margin down; never below 0 or above the chord.
 */
export function flatEngagedMm(chordMm: number, depthMm: number, mouthMm: number, centreMm: number): number {
  return Math.max(0, Math.min(chordMm, depthMm - mouthMm - (centreMm - chordMm / 2)));
}

/**
 * Metal that relieving a round seat takes off, both corners together: what the corner of the flat reaches beyond the
 * seat's round once the axle lies at the bottom.
 *
 * @example relieveMm(12, 10, 10.05) // 0.99
 */
export function relieveMm(threadMm: number, flatsMm: number, slotMm: number): number {
  const cornerHeight = threadMm / 2 - flatChordMm(threadMm, flatsMm) / 2;
  const reach = Math.hypot(flatsMm / 2, slotMm / 2 - cornerHeight);
  return Math.max(0, 2 * (reach - slotMm / 2));
}
