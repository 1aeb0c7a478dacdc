import type { KitFacts } from '@cricket/core/kit';

import type { WheelSpec } from './wheel-spec';

/** A kit that differs from another in a few things. */
export interface Variant {
  code: string;
  like: string;
  note: string;
  wheel?: Partial<WheelSpec>;
  kit?: Partial<KitFacts>;
}

/** The hub of FW-1 or RW-1 as it is sold without a rim. */
const flanges = (diameterMm: number, leftMm: number, rightMm: number): KitFacts['flanges'] => ({
  left: { flangeDiameterMm: diameterMm, flangeOffsetMm: leftMm, holeMm: 2.6 },
  right: { flangeDiameterMm: diameterMm, flangeOffsetMm: rightMm, holeMm: 2.6 },
  spokes: 36,
});

/** The rest of the demo catalogue: other wheel sizes, stronger and weaker motors, hubs without a rim, used parts. */
export const variants: readonly Variant[] = [
  { code: 'FW-3', like: 'FW-1', note: 'As FW-1, for 622 rims.', wheel: { beadSeatMm: 622 }, kit: { cost: 375 } },
  {
    code: 'FW-4',
    like: 'FW-1',
    note: 'As FW-1, for 406 rims of folding bikes.',
    wheel: { beadSeatMm: 406, coverDiameterMm: 118 },
    kit: { cost: 365, massKg: 3.6 },
  },
  {
    code: 'FW-5',
    like: 'FW-1',
    note: 'Hub only: to be laced.',
    kit: { cost: 250, rim: undefined, flanges: flanges(130, 29, 29) },
  },
  {
    code: 'FW-6',
    like: 'FW-1',
    note: 'Narrow hub for 91 mm forks of old bikes.',
    wheel: { shoulderWidthMm: 84, rotorFaceMm: null, rotorDiameterMm: null },
    kit: { cost: 390 },
  },
  {
    code: 'FW-7',
    like: 'FW-2',
    note: 'As FW-2, weaker, without braking.',
    wheel: { regen: false, beadSeatMm: 559 },
    kit: {
      cost: 410,
      motor: { ratedW: 250, kv: 8.6, windingOhm: 0.13, noLoadA: 0.9 },
      controller: { topology: 'separate', fullV: 42, batteryA: 15, phaseA: 32 },
    },
  },
  {
    code: 'FW-8',
    like: 'FW-1',
    note: 'Controller, battery and motor in one wheel; heavy, quickly on.',
    wheel: { beadSeatMm: 622, coverDiameterMm: 250, nutFlangeMm: 24 },
    kit: {
      cost: 690,
      battery: undefined,
      massKg: 7.9,
      controller: { topology: 'all-in-wheel', fullV: 42, batteryA: 12, phaseA: 24 },
      display: false,
    },
  },
  {
    code: 'FW-9',
    like: 'FW-1',
    note: 'Used, from own measurements.',
    wheel: { rimOffsetMm: 1.4 },
    kit: { cost: 371, verified: false, motor: { ratedW: 250, statedNm: 28 } },
  },
  {
    code: 'RW-5',
    like: 'RW-2',
    note: 'Splined body and through axle of 12 mm, 142 mm wide.',
    wheel: { shoulderWidthMm: 141.7, beadSeatMm: 622 },
    kit: { cost: 520, leadDays: 16 },
  },
  { code: 'RW-6', like: 'RW-1', note: 'As RW-1, for 622 rims.', wheel: { beadSeatMm: 622 }, kit: { cost: 385 } },
  { code: 'RW-7', like: 'RW-1', note: 'As RW-1, with throttle.', kit: { cost: 395, throttle: 'thumb' } },
  { code: 'RW-8', like: 'RW-2', note: 'As RW-2, for 559 rims.', wheel: { beadSeatMm: 559 }, kit: { cost: 425 } },
  {
    code: 'RW-9',
    like: 'RW-2',
    note: 'As RW-2, 500 W, for 32 km/h.',
    kit: { cost: 470, motor: { ratedW: 500, kv: 9.2, windingOhm: 0.12, noLoadA: 0.9 }, assistedKmh: 32 },
  },
  { code: 'RW-10', like: 'RW-3', note: 'As RW-3, for 622 rims.', wheel: { beadSeatMm: 622 }, kit: { cost: 495 } },
  {
    code: 'RW-11',
    like: 'RW-3',
    note: 'Hub only, large flange: to be laced.',
    kit: { cost: 360, rim: undefined, flanges: flanges(190, 27, 19) },
  },
  { code: 'RW-12', like: 'RW-4', note: 'As RW-4, for 349 rims.', wheel: { beadSeatMm: 349 }, kit: { cost: 395 } },
  {
    code: 'RW-13',
    like: 'RW-1',
    note: 'One sprocket, for bikes without derailleur.',
    wheel: { shoulderWidthMm: 112 },
    kit: { cost: 355 },
  },
  {
    code: 'RW-14',
    like: 'RW-4',
    note: 'Wide hub for tandems, 145 mm.',
    wheel: { shoulderWidthMm: 136, beadSeatMm: 622 },
    kit: { cost: 460, leadDays: 21 },
  },
];
