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
    kit: { cost: 250, rim: null, flanges: flanges(130, 29, 29) },
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
      battery: null,
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
    kit: { cost: 360, rim: null, flanges: flanges(190, 27, 19) },
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
  {
    code: 'FW-10',
    like: 'FW-1',
    note: 'As FW-1, with steel axle M14 for heavy bikes.',
    wheel: { axle: { threadMm: 14, flatsMm: 10, leftMm: 40, rightMm: 40, threadFromLeftMm: 6, threadFromRightMm: 6 } },
    kit: { cost: 405, motor: { ratedW: 350, kv: 8.4, windingOhm: 0.15, noLoadA: 0.8 } },
  },
  {
    code: 'FW-11',
    like: 'FW-1',
    note: 'As FW-1, without rotor mount, thick-valve rim with track.',
    wheel: { rotorFaceMm: null, rotorDiameterMm: null, beadSeatMm: 590 },
    kit: { cost: 345 },
  },
  {
    code: 'FW-12',
    like: 'FW-2',
    note: 'As FW-2, for 559 rims of cargo bikes.',
    wheel: { beadSeatMm: 559 },
    kit: { cost: 445, battery: { Wh: 840, massKg: 5.2, cost: 610 } },
  },
  {
    code: 'FW-13',
    like: 'FW-1',
    note: 'For 349 rims: folding bikes with a narrow fork.',
    wheel: { beadSeatMm: 349, shoulderWidthMm: 72, coverDiameterMm: 110, rotorFaceMm: null, rotorDiameterMm: null },
    kit: { cost: 385, massKg: 3.1 },
  },
  {
    code: 'FW-14',
    like: 'FW-1',
    note: 'Hub only, with caps for 15 mm through-axle forks.',
    wheel: { shoulderWidthMm: 90 },
    kit: {
      cost: 310,
      rim: null,
      flanges: flanges(130, 28, 28),
      hub: {
        material: 'aluminium',
        rotor: { pattern: 'six-bolt', holeDepthMm: 9, coverFaceMm: 15 },
        takes: 'none',
        cable: { diameterMm: 6, plugMm: 11, atRotorBolts: false },
        adapters: {
          extenders: [],
          endCaps: [
            { id: 'L10', side: 'left', lengthMm: 10, boreMm: 15 },
            { id: 'R10', side: 'right', lengthMm: 10, boreMm: 15 },
            { id: 'L5', side: 'left', lengthMm: 5, boreMm: 12 },
            { id: 'R5', side: 'right', lengthMm: 5, boreMm: 12 },
          ],
          rotorSpacers: [{ id: 'S2', thicknessMm: 2 }],
          screws: [
            { id: 'M5x10', threadMm: 5, lengthMm: 10 },
            { id: 'M5x12', threadMm: 5, lengthMm: 12 },
          ],
          screwHoles: [{ id: 'rotor', threadMm: 5, throughMm: 0, throughRotor: true, depthMm: 10, leastMm: 6 }],
        },
      },
    },
  },
  {
    code: 'FW-15',
    like: 'FW-1',
    note: 'Used, for 507 rims; cable sheath mended.',
    wheel: { rimOffsetMm: -0.8, beadSeatMm: 507 },
    kit: { cost: 160 },
  },
  {
    code: 'RW-15',
    like: 'RW-2',
    note: 'With caps for 142 and 148 mm ends, holes of 12 mm.',
    wheel: { shoulderWidthMm: 124, beadSeatMm: 622 },
    kit: {
      cost: 560,
      leadDays: 18,
      hub: {
        material: 'aluminium',
        rotor: { pattern: 'six-bolt', holeDepthMm: 9, coverFaceMm: 16 },
        takes: 'cassette',
        bodyMm: 35,
        cable: { diameterMm: 6, plugMm: 11, atRotorBolts: false },
        adapters: {
          extenders: [
            { id: 'X3', side: 'left', lengthMm: 3 },
            { id: 'Y3', side: 'right', lengthMm: 3 },
          ],
          endCaps: [
            { id: 'L9', side: 'left', lengthMm: 9, boreMm: 12 },
            { id: 'R9', side: 'right', lengthMm: 9, boreMm: 12 },
          ],
          rotorSpacers: [
            { id: 'S1', thicknessMm: 1 },
            { id: 'S2', thicknessMm: 2 },
          ],
          screws: [
            { id: 'M5x10', threadMm: 5, lengthMm: 10 },
            { id: 'M5x14', threadMm: 5, lengthMm: 14 },
          ],
          screwHoles: [{ id: 'rotor', threadMm: 5, throughMm: 0, throughRotor: true, depthMm: 10, leastMm: 6 }],
        },
      },
    },
  },
  { code: 'RW-16', like: 'RW-1', note: 'As RW-1, for 406 rims.', wheel: { beadSeatMm: 406 }, kit: { cost: 360 } },
  { code: 'RW-17', like: 'RW-1', note: 'As RW-1, for 507 rims of youth bikes.', wheel: { beadSeatMm: 507 } },
  {
    code: 'RW-18',
    like: 'RW-2',
    note: 'As RW-2, with the strong pack for long days.',
    kit: { cost: 420, battery: { Wh: 840, massKg: 5.2, cost: 610 } },
  },
  {
    code: 'RW-19',
    like: 'RW-3',
    note: 'As RW-3, turned down to 20 A at the phases.',
    kit: { cost: 480, controller: { topology: 'separate', fullV: 42, batteryA: 14, phaseA: 26 } },
  },
  {
    code: 'RW-20',
    like: 'RW-1',
    note: 'Hub only: to be laced.',
    kit: { cost: 265, rim: null, flanges: flanges(135, 30, 22) },
  },
  {
    code: 'RW-21',
    like: 'RW-4',
    note: 'Everything in one rear wheel, for 622 rims.',
    wheel: { beadSeatMm: 622, shoulderWidthMm: 128 },
    kit: {
      cost: 720,
      battery: null,
      massKg: 8.2,
      controller: { topology: 'all-in-wheel', fullV: 42, batteryA: 12, phaseA: 24 },
      display: false,
    },
  },
  {
    code: 'RW-22',
    like: 'RW-2',
    note: 'Used, from own measurements; winding not measured.',
    wheel: { beadSeatMm: 584 },
    kit: { cost: 190, verified: false, motor: { ratedW: 250, statedNm: 32 } },
  },
  {
    code: 'RW-23',
    like: 'RW-1',
    note: '120 mm wide, for three-speed frames once their hub is out.',
    wheel: { shoulderWidthMm: 113, smallSprocketMm: 2.2 },
    kit: { cost: 365 },
  },
  {
    code: 'RW-24',
    like: 'RW-3',
    note: 'As RW-3, for cargo bikes: 406 rims, loads to 180 kg.',
    wheel: { beadSeatMm: 406 },
    kit: { cost: 505 },
  },
  {
    code: 'RW-25',
    like: 'RW-2',
    note: 'As RW-2, for 406 rims of longtails.',
    wheel: { beadSeatMm: 406 },
    kit: { cost: 430 },
  },
];
