import type { BikeFacts } from '@cricket/core/bike-facts';

/** Round the longtail's bottom bracket, with the ring in halves of its kit. */
export const squareCranks: NonNullable<BikeFacts['cranks']> = {
  crank: { fixing: 'square' },
  shell: { kind: 'threaded', lockRing: true },
  roomMm: { drive: 8.5, nonDrive: 12.4 },
  passMm: { drive: 5, nonDrive: 7.6 },
  axleMm: 17.2,
  ring: { kind: 'split', thicknessMm: 6, boreMm: 17, magnets: 12, magnetRadiusMm: 16, madeFor: 'nonDrive' },
  sensor: { gapMinMm: 1, gapMaxMm: 3, proudMm: 1.5, markRadiusMm: 15, mounts: ['tie', 'shell-ring'] },
  plateMm: 2,
  startPulses: 6,
  stopMs: 500,
};
