import type { KitFacts } from '@cricket/core/kit';

import { ownController, railPack } from './diamond-frame';
import { longtailPower } from './power-path';
import { squareCranks } from './square-cranks';

type Outfit = NonNullable<KitFacts['outfit']>;

const { ring, sensor, startPulses, stopMs } = squareCranks;
const copper = { kind: 'lead', metal: 'copper', insulation: 'silicone', bundled: false } as const;
const plug = { kind: 'connector', polarised: true, sparkRated: true, deadWhenOpen: true } as const;
const display = { id: 'Display', kind: 'display', widthMm: 55, clampMm: 31.8, side: 'centre' } as const;

/** What comes with the smaller kits: measured once, on a bike before this week's. */
export const smallOutfit: Outfit = {
  pack: {
    battery: { lengthMm: 310, heightMm: 76, widthMm: 84, massKg: 2.9 },
    rail: {
      lengthMm: 300,
      heightMm: 10,
      slotsMm: [
        [30, 90],
        [110, 170],
      ],
    },
    insert: { kind: 'slide', strokeMm: 40, toward: 'bb' },
  },
  cells: {
    cells: 10,
    ah: 11.6,
    continuousA: 20,
    peakA: 35,
    packOhm: 0.14,
    chemistry: 'nmc',
    cutoffVPerCell: 3,
    pack: 'cased',
  },
  current: { batteryA: 14, phaseA: 28, minV: 28, maxV: 45, lowCutV: 31 },
  charger: { volts: 42, amps: 2 },
  chain: [
    { ...plug, continuousA: 35, maxV: 80 },
    { kind: 'fuse', A: 20, maxV: 80, breakA: 1000 },
    { ...copper, mm2: 2.5, lengthM: 0.6 },
    { kind: 'phase', continuousA: 35 },
  ],
  bar: [display],
  sensor: { ring, sensor, startPulses, stopMs },
  box: { box: { lengthMm: 100, widthMm: 56, heightMm: 30 }, lossW: 4, watertight: false },
};

/** The strong kits draw more and carry a longer pack. */
export const strongOutfit: Outfit = {
  ...smallOutfit,
  pack: {
    ...smallOutfit.pack!,
    battery: { lengthMm: 400, heightMm: 92, widthMm: 90, massKg: 4.1 },
    rail: { ...smallOutfit.pack!.rail, lengthMm: 360 },
  },
  cells: { ...smallOutfit.cells!, ah: 17.5, continuousA: 30, peakA: 50, packOhm: 0.11 },
  current: { batteryA: 20, phaseA: 48, minV: 28, maxV: 45, lowCutV: 31 },
  chain: [
    { ...plug, continuousA: 45, maxV: 80 },
    { kind: 'fuse', A: 25, maxV: 80, breakA: 1000 },
    { ...copper, mm2: 4, lengthM: 0.7 },
    { kind: 'phase', continuousA: 60 },
  ],
  box: { box: { lengthMm: 130, widthMm: 70, heightMm: 36 }, lossW: 8, watertight: false },
};

const { of: _, ...pack } = railPack.pack!;

/** What was measured of the longtail's kit; its throttle and its plugs are on the longtail's pages only. */
export const longtailOutfit: Outfit = {
  pack,
  cells: longtailPower.pack!.battery,
  current: longtailPower.controller!,
  charger: longtailPower.charger!,
  sensor: { ring, sensor, plateMm: squareCranks.plateMm!, startPulses, stopMs },
  box: { box: ownController.box, lossW: ownController.lossW, watertight: true },
};
