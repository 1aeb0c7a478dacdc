import { batteryBayExample } from '../../calc/examples';
import type { BikeFacts } from '../bike-facts';
import type { BarPart } from '../handlebar';

const { tubes, bosses, battery, rail, insert, pedal } = batteryBayExample;
const grip = (id: string, side: 'left' | 'right'): BarPart => ({
  id,
  kind: 'grip',
  widthMm: 125,
  side,
  minWidthMm: 90,
});
const clampMm = 22.2;

/** A bike on which everything besides the axles was measured, with the parts of the kit that is chosen for it. */
export const measuredBike = {
  frame: { tubes, bosses, inWay: [], pedal },
  bay: { pack: { of: 'supplied', battery, rail, insert } },
  power: {
    pack: {
      of: 'supplied',
      battery: {
        cells: 10,
        ah: 11,
        continuousA: 25,
        peakA: 40,
        packOhm: 0.12,
        chemistry: 'nmc',
        cutoffVPerCell: 3,
        pack: 'cased',
      },
    },
    chain: [
      { kind: 'connector', continuousA: 45, maxV: 90, polarised: true, sparkRated: true, deadWhenOpen: true },
      { kind: 'fuse', A: 20, maxV: 80, breakA: 1000 },
      { kind: 'lead', metal: 'copper', insulation: 'silicone', mm2: 4, lengthM: 0.6, bundled: false },
      { kind: 'phase', continuousA: 45 },
    ],
    controller: { batteryA: 14, phaseA: 28, minV: 28, maxV: 45, lowCutV: 31 },
    charger: { volts: 42, amps: 2 },
    accessories: [],
  },
  bar: {
    room: { straightMm: { left: 200, right: 200 }, centreMm: 90, gripDiameterMm: clampMm, centreDiameterMm: clampMm },
    parts: [
      grip('Left grip', 'left'),
      grip('Right grip', 'right'),
      { id: 'Left lever', kind: 'lever', widthMm: 22, clampMm, side: 'left', cutOff: true },
      { id: 'Right lever', kind: 'lever', widthMm: 22, clampMm, side: 'right', cutOff: true },
      { id: 'Display', kind: 'display', widthMm: 60, clampMm, side: 'centre', nowSide: 'centre' },
    ],
  },
  cranks: {
    crank: { fixing: 'square' },
    shell: { kind: 'threaded', lockRing: true },
    roomMm: { drive: 8.5, nonDrive: 14 },
    passMm: { drive: 5, nonDrive: 8 },
    axleMm: 17,
    ring: { kind: 'split', thicknessMm: 6, boreMm: 17, magnets: 12, magnetRadiusMm: 16, madeFor: 'nonDrive' },
    sensor: { gapMinMm: 1, gapMaxMm: 3, proudMm: 1.5, markRadiusMm: 15, mounts: ['tie', 'shell-ring'] },
    plateMm: 2,
    startPulses: 6,
    stopMs: 500,
  },
  controller: {
    box: { lengthMm: 120, widthMm: 70, heightMm: 35 },
    lossW: 4,
    around: 'open',
    gaps: { belowMm: 15, aroundMm: 10 },
    exits: 'down',
    splashed: false,
    watertight: false,
    plugs: [],
  },
} satisfies BikeFacts;
