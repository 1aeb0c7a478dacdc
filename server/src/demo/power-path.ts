import type { BikeFacts } from '@cricket/core/bike-facts';

const copper = { kind: 'lead', metal: 'copper', insulation: 'silicone' } as const;

/** From the longtail's pack to its motor. */
export const longtailPower: NonNullable<BikeFacts['power']> = {
  pack: {
    of: 'supplied',
    battery: {
      cells: 10,
      ah: 23.2,
      continuousA: 25,
      peakA: 40,
      packOhm: 0.09,
      chemistry: 'nmc',
      cutoffVPerCell: 3,
      pack: 'cased',
    },
  },
  chain: [
    { kind: 'connector', continuousA: 45, maxV: 90, polarised: true, sparkRated: false, deadWhenOpen: true },
    { kind: 'fuse', A: 30, maxV: 80, breakA: 1000 },
    { ...copper, mm2: 4, lengthM: 0.7, bundled: true },
    { kind: 'phase', continuousA: 45 },
  ],
  controller: { batteryA: 18, phaseA: 38, minV: 28, maxV: 45, lowCutV: 31 },
  charger: { volts: 42, amps: 4 },
  accessories: [
    { id: 'Front light', kind: 'front-light', fromV: 12, toV: 60, watts: 6, from: 'controller', works: true },
    { id: 'Rear light', kind: 'rear-light', fromV: 12, toV: 60, watts: 1.5, from: 'controller', works: true },
  ],
};
