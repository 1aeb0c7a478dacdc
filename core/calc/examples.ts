import type { BatteryBayInput } from '../src/battery-bay';
import type { CableRunsInput } from '../src/cable-runs';
import type { ConnectionsInput } from '../src/connections';
import type { PlainFitInput } from '../src/fit';
import type { KitFacts } from '../src/kit';
import type { PlainProcedureInput, PlainTwoMotorsInput } from '../src/job-plan';
import { exampleLawClasses } from '../src/law';
import type { PlainMatchInput } from '../src/match';
import type { PlainReading } from '../src/end-facts';

const words = (entries: Record<string, string>): PlainReading[] =>
  Object.entries(entries).map(([feature, word]) => ({ feature, word }));
const lengths = (entries: Record<string, number>): PlainReading[] =>
  Object.entries(entries).map(([feature, valueMm]) => ({ feature, valueMm }));
const both = (name: string, mm: number) => ({ [`${name}.left`]: mm, [`${name}.right`]: mm });

/** A steel front end with a rim brake. */
const readings: PlainReading[] = [
  ...words({
    material: 'steel',
    'blade-material': 'steel',
    suspension: 'none',
    condition: 'sound',
    seat: 'open-flat',
    'axle-extras': 'none',
    brake: 'rim',
    'lip.left': 'none',
    'lip.right': 'none',
  }),
  ...lengths({
    ...both('rim-to-dropout', 37.5),
    'spacing.front': 100.1,
    'spacing.back': 100.1,
    ...Object.fromEntries(
      ['mouth', 'middle', 'seat'].flatMap((place) =>
        Object.entries({ [`slot-width.left.${place}`]: 9.6, [`slot-width.right.${place}`]: 9.62 }),
      ),
    ),
    ...both('slot-depth', 15),
    ...both('plate', 5),
    'old-axle': 11.5,
    'slot-line': 0,
    'clamp-from': 60,
    'clamp-to': 200,
    'blade-width': 20,
    ...both('blade-step', 0),
    'legs-apart': 84,
    'bead-seat': 622,
    'tyre-room': 60,
  }),
];

const kit: KitFacts = {
  hub: { material: 'aluminium', takes: 'none', cable: { diameterMm: 6, plugMm: 11, atRotorBolts: false } },
  motor: { ratedW: 250, kv: 8, windingOhm: 0.18, noLoadA: 0.7 },
  controller: { topology: 'separate', fullV: 42, batteryA: 14, phaseA: 28 },
  assistedKmh: 25,
  throttle: 'none',
  display: true,
  rim: { innerWidthMm: 21, brakeTrack: true, valveHole: 'thick', depthMm: 18, maxBar: 5 },
  battery: { Wh: 420, massKg: 3, cost: 320 },
  massKg: 5,
  cost: 380,
  leadDays: 9,
  packing: [{ part: 'Wheel', count: 1 }],
  ownSteps: [],
  exclusions: [],
  verified: true,
};

const shelf = { boreMm: 12.3, outerMm: 22, tabWidthMm: null, tabDepthMm: null };

/** A whole fit that goes after filing. */
export const fitExample: PlainFitInput = {
  end: 'front',
  readings,
  wheel: {
    id: 'FW-7',
    code: 'FW-7',
    soldFor: 'front',
    drive: 'geared',
    regen: false,
    axle: { threadMm: 12, flatsMm: 10, leftMm: 38, rightMm: 36, threadFromLeftMm: 5, threadFromRightMm: 5 },
    shoulderWidthMm: 92,
    rimOffsetMm: 0,
    rotorFaceMm: null,
    smallSprocketMm: null,
    nutMm: 9,
    nutFlangeMm: 22,
    coverDiameterMm: 132,
    coverWidthMm: 66,
    rotorDiameterMm: null,
    cableExit: 'right',
    downMark: 'arrow',
    beadSeatMm: 622,
    delivered: {
      left: [
        { kind: 'plain', thicknessMm: 1.5 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
      right: [
        { kind: 'plain', thicknessMm: 1.5 },
        { kind: 'tabbed', thicknessMm: 2.5 },
      ],
    },
    kit,
  },
  stores: [
    { id: 'w1', kind: 'plain', ...shelf, thicknessMm: 1, count: 8 },
    {
      id: 'a6',
      kind: 'arm',
      ...shelf,
      boreMm: 12,
      outerMm: null,
      thicknessMm: 6,
      count: 2,
      details: {
        arm: {
          kind: 'rigid',
          lengthMm: 90,
          linkMm: null,
          holeDeg: 0,
          stepDeg: null,
          widthMm: 18,
          offsetMm: 0,
          bandFromMm: 12,
          bandToMm: 40,
          grade: 'hard',
          fitClearanceMm: 0.1,
        },
      },
    },
    {
      id: 't622',
      kind: 'tyre',
      boreMm: null,
      outerMm: null,
      tabWidthMm: null,
      tabDepthMm: null,
      thicknessMm: 1,
      count: 1,
      details: {
        tyre: { beadSeatMm: 622, widthMm: 42, minBar: 2, maxBar: 5, loadKg: 120, speedKmh: 50, directional: true },
      },
    },
  ],
  bike: {
    bikeKg: 17,
    riderKg: 72,
    loadKg: 8,
    speedKmh: 22,
    climb: { gradePercent: 4, minutes: 6, speedKmh: 15 },
    descentPercent: 4,
    surface: 'dry',
    ratings: [],
    law: exampleLawClasses[0]!,
    brakes: { rear: { kind: 'rim' } },
  },
};

const { wheel, stores, bike } = fitExample;

/** The same bike against two kits. */
export const matchExample: PlainMatchInput = {
  ends: { front: readings },
  bike,
  stores,
  wheels: [
    wheel,
    { ...wheel, id: 'FW-8', code: 'FW-8', axle: { ...wheel.axle, threadMm: 14 }, kit: { ...kit, cost: 520 } },
  ],
};

/** The steps of that bike with that kit, as cards. */
export const procedureExample: PlainProcedureInput = {
  ends: { front: { readings, wheel } },
  plan: 'brief',
  bike,
  stores,
};

const rearReadings: PlainReading[] = [
  ...readings.filter(({ feature }) => !/^(spacing|rim-to-dropout)/.test(feature)),
  ...words({ hanger: 'clear', 'old-hub': 'plain', gears: '7', cluster: 'freewheel', clicks: '7' }),
  ...lengths({ ...both('rim-to-dropout', 54), 'spacing.front': 135.1, 'spacing.back': 135.1, 'sprocket-gap': 4.4 }),
];

/** The same kit in front, a rear one besides, on one battery. */
export const twoMotorsExample: PlainTwoMotorsInput = {
  front: { readings, wheel },
  rear: {
    readings: rearReadings,
    wheel: {
      ...wheel,
      id: 'RW-7',
      code: 'RW-7',
      soldFor: 'rear',
      shoulderWidthMm: 127,
      smallSprocketMm: 0.4,
      axle: { ...wheel.axle, leftMm: 40, rightMm: 40 },
      kit: { ...kit, battery: null, hub: { ...kit.hub, takes: 'freewheel' } },
    },
  },
  batteryA: 20,
  bike: { ...bike, brakes: { front: { kind: 'rim' }, rear: { kind: 'rim' } } },
  stores,
};

export const batteryBayExample: BatteryBayInput = {
  tubes: {
    down: { lengthMm: 575, diameterMm: 40, angleDeg: 45.3 },
    seat: { lengthMm: 430, diameterMm: 32, angleDeg: 73.2 },
    top: { lengthMm: 505, diameterMm: 32, angleDeg: 6.8 },
    head: { lengthMm: 71, diameterMm: 36, angleDeg: 72 },
  },
  bosses: [
    { tube: 'down', fromBbMm: 190 },
    { tube: 'down', fromBbMm: 254 },
  ],
  obstacles: [
    {
      id: 'front derailleur',
      polygon: [
        [-30, 150],
        [0, 150],
        [0, 190],
        [-30, 190],
      ],
    },
  ],
  battery: { lengthMm: 360, heightMm: 80, widthMm: 90, massKg: 2.8 },
  rail: {
    lengthMm: 340,
    heightMm: 12,
    offsetMm: 10,
    slotsMm: [
      [20, 80],
      [90, 160],
    ],
  },
  insert: { kind: 'tilt', angleDeg: 15, pivot: 'bb' },
  tube: 'down',
  pedal: { qFactorMm: 165, kneeMm: 160 },
  key: { at: [60, 70] },
  bike: { massKg: 18, centre: [100, 200] },
};

export const cableRunsExample: CableRunsInput = {
  head: { point: [420, 520, 0], angleDeg: 72, lockDeg: { left: 60, right: 60 } },
  forkTravelMm: 50,
  anchors: {
    throttle: { at: [340, 640, -220], on: 'bar' },
    stem: { at: [400, 610, -20], on: 'bar' },
    'head tube': { at: [385, 520, -30], on: 'frame', room: true },
    'down tube': { at: [200, 300, -25], on: 'frame' },
    controller: { at: [-90, 260, 0], on: 'frame' },
  },
  cables: [
    {
      id: 'throttle',
      path: ['throttle', 'stem', 'head tube', 'down tube', 'controller'],
      suppliedMm: 1300,
      plug: 'three-pin',
    },
  ],
  extensions: [{ id: 'three-pin 300', lengthMm: 300, plug: 'three-pin' }],
  discs: [{ id: 'front wheel', centre: [570, 0, 0], radiusMm: 345, halfWidthMm: 25, on: 'fork' }],
  crank: { radiusMm: 190, halfWidthMm: 65 },
};

export const connectionsExample: ConnectionsInput = {
  plugs: [
    {
      id: 'controller throttle',
      on: 'controller',
      to: 'throttle',
      family: 'round three',
      gender: 'socket',
      pins: [
        { n: 1, carries: 'supply', wire: 'red' },
        { n: 2, carries: 'ground', wire: 'black' },
        { n: 3, carries: 'throttle', wire: 'white' },
      ],
    },
    {
      id: 'throttle',
      on: 'throttle',
      to: 'controller',
      family: 'round three',
      gender: 'pin',
      pins: [
        { n: 1, carries: 'throttle', wire: 'green' },
        { n: 2, carries: 'ground', wire: 'black' },
        { n: 3, carries: 'supply', wire: 'red' },
      ],
    },
    {
      id: 'controller light',
      on: 'controller',
      to: 'light',
      family: 'flat two',
      gender: 'socket',
      live: true,
      pins: [
        { n: 1, carries: 'light-plus', wire: 'red' },
        { n: 2, carries: 'light-minus', wire: 'black' },
      ],
    },
  ],
  adapters: [],
  repin: true,
};
