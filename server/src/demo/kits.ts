import type { KitFacts } from '@cricket/core/kit';

import { longtailOutfit, smallOutfit, strongOutfit } from './outfits';

const rim = { innerWidthMm: 21, brakeTrack: true, valveHole: 'thick', depthMm: 18, maxBar: 5, maxLoadKg: 140 } as const;
const cable = { diameterMm: 6, plugMm: 11, atRotorBolts: false };
const controller = { topology: 'separate', fullV: 42, batteryA: 14, phaseA: 28 } as const;
const packing = [
  { part: 'Motor wheel', count: 1, kind: 'motor' },
  { part: 'Axle nut', count: 2, kind: 'nut' },
  { part: 'Tabbed washer', count: 2, kind: 'tabbed' },
  { part: 'Controller', count: 1, kind: 'controller' },
  { part: 'Display', count: 1, kind: 'display' },
  { part: 'Pedal sensor ring', count: 1, kind: 'sensor' },
] as const satisfies KitFacts['packing'];

/** Where the spokes leave a small geared hub. */
const flanges = {
  left: { flangeDiameterMm: 146, flangeOffsetMm: 21, holeMm: 2.6 },
  right: { flangeDiameterMm: 146, flangeOffsetMm: 21, holeMm: 2.6 },
  spokes: 36,
};

const usual: Omit<KitFacts, 'hub' | 'motor'> = {
  flanges,
  controller,
  assistedKmh: 25,
  throttle: 'none',
  display: true,
  rim,
  battery: { Wh: 420, massKg: 2.9, cost: 330 },
  massKg: 4.6,
  cost: 360,
  leadDays: 8,
  packing: [...packing],
  ownSteps: [],
  exclusions: ['Water inside the hub.'],
  verified: true,
};

const sixBolt = (holeDepthMm: number, coverFaceMm: number) => ({
  pattern: 'six-bolt' as const,
  holeDepthMm,
  coverFaceMm,
});

/** What comes with each motor wheel of the demo catalogue. */
export const demoKits: Record<string, KitFacts> = {
  'FW-1': {
    ...usual,
    hub: { material: 'aluminium', rotor: sixBolt(9, 15), takes: 'none', cable },
    motor: { ratedW: 250, kv: 8.2, windingOhm: 0.18, noLoadA: 0.7 },
    rim: { ...rim, innerWidthMm: 22 },
    outfit: smallOutfit,
  },
  'FW-2': {
    ...usual,
    hub: { material: 'aluminium', rotor: sixBolt(11, 13), takes: 'none', cable: { ...cable, plugMm: 14 } },
    motor: { ratedW: 500, kv: 9.4, windingOhm: 0.12, noLoadA: 0.9 },
    controller: { ...controller, batteryA: 20, phaseA: 48 },
    battery: { Wh: 630, massKg: 4.1, cost: 470 },
    massKg: 7.4,
    cost: 430,
    outfit: strongOutfit,
    exclusions: ['Aluminium forks.', 'Water inside the hub.'],
  },
  'RW-1': {
    ...usual,
    hub: { material: 'aluminium', takes: 'freewheel', cable },
    motor: { ratedW: 250, kv: 8, windingOhm: 0.17, noLoadA: 0.7 },
    cost: 370,
    outfit: smallOutfit,
  },
  'RW-2': {
    ...usual,
    hub: { material: 'aluminium', rotor: sixBolt(9, 16), takes: 'cassette', bodyMm: 35, cable },
    motor: { ratedW: 250, kv: 7.6, windingOhm: 0.16, noLoadA: 0.8 },
    rim: { ...rim, brakeTrack: false },
    cost: 420,
    leadDays: 11,
  },
  'RW-3': {
    ...usual,
    hub: {
      material: 'aluminium',
      rotor: sixBolt(11, 14),
      takes: 'cassette',
      bodyMm: 35,
      cable: { ...cable, plugMm: 13 },
    },
    motor: { ratedW: 250, kv: 7.1, windingOhm: 0.14, noLoadA: 0.9 },
    controller: { ...controller, batteryA: 18, phaseA: 38 },
    rim: { ...rim, innerWidthMm: 25, maxLoadKg: 180 },
    battery: { Wh: 840, massKg: 5.2, cost: 610 },
    massKg: 7.8,
    cost: 480,
    leadDays: 14,
    outfit: longtailOutfit,
    ownSteps: ['Turn braking on only after the first ride.'],
  },
  'RW-4': {
    ...usual,
    hub: { material: 'aluminium', takes: 'freewheel', cable: { ...cable, plugMm: 9 } },
    motor: { ratedW: 250, kv: 11.8, windingOhm: 0.2, noLoadA: 0.6 },
    controller: { topology: 'in-hub', fullV: 42, batteryA: 12, phaseA: 40 },
    rim: { ...rim, depthMm: 14 },
    massKg: 3.4,
    cost: 390,
  },
};
