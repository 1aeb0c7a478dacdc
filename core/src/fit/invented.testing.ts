import { axleAt } from '../model';
import type { BikeFacts } from '../bike-facts';
import { endFacts, type Reading } from '../end-facts';
import { featureById, type End } from '../features';
import type { KitFacts } from '../kit';
import { exampleLawClasses } from '../law';
import type { ArmFacts, StoreItem, TyreFacts, Wheel } from '../parts';
import type { FitInput } from './contract';

/** Words and lengths of an end on which everything goes; some of it changed by each case. */
interface EndReadings {
  words: Record<string, string>;
  lengths: Record<string, number | null>;
}

const common: EndReadings = {
  words: {
    material: 'steel',
    'blade-material': 'steel',
    suspension: 'none',
    condition: 'sound',
    seat: 'open-flat',
    'axle-extras': 'none',
    brake: 'rim',
    'lip.left': 'none',
    'lip.right': 'none',
  },
  lengths: {
    'slot-width.left.mouth': 10.16,
    'slot-width.left.middle': 10.14,
    'slot-width.left.seat': 10.1,
    'slot-width.right.mouth': 10.16,
    'slot-width.right.middle': 10.14,
    'slot-width.right.seat': 10.1,
    'slot-depth.left': 15,
    'slot-depth.right': 15,
    'plate.left': 5,
    'plate.right': 5,
    'old-axle': 11.5,
    'slot-line': 0,
    'clamp-from': 60,
    'clamp-to': 200,
    'blade-width': 20,
    'blade-step.left': 0,
    'blade-step.right': 0,
    'legs-apart': 84,
    'bead-seat': 622,
    'tyre-room': 60,
  },
};

/** A front disc needs its retaining lips: they are there, and wide enough for the nut. */
const frontLips: EndReadings = {
  words: { 'lip.left': 'lip', 'lip.right': 'lip' },
  lengths: { 'lip-diameter.left': 25, 'lip-diameter.right': 25, 'lip-depth.left': 0.2, 'lip-depth.right': 0.2 },
};

const disc: EndReadings = {
  words: { brake: 'disc', 'rim-bosses': 'none', 'rotor-pattern': 'six-bolt', 'caliper-mount': 'face' },
  lengths: {
    'rotor-inboard': 10.5,
    'rotor-thickness': 1.8,
    'rotor-diameter': 160,
    'rotor-max': 180,
    'caliper-inboard': 12,
    'caliper-depth': 30,
    'mount-plate': 8,
    'mount-thread': 12,
    'leg-inboard': -2,
  },
};

const front: EndReadings = {
  words: common.words,
  lengths: {
    ...common.lengths,
    'rim-to-dropout.left': 37.5,
    'rim-to-dropout.right': 37.5,
    'spacing.front': 100.1,
    'spacing.back': 100.1,
  },
};

const rear: EndReadings = {
  words: {
    ...common.words,
    hanger: 'clear',
    'old-hub': 'plain',
    gears: '7',
    cluster: 'freewheel',
    clicks: '7',
  },
  lengths: {
    ...common.lengths,
    'rim-to-dropout.left': 54,
    'rim-to-dropout.right': 54,
    'spacing.front': 135.1,
    'spacing.back': 135.1,
    'sprocket-gap': 4.4,
  },
};

/** Kit facts on which everything goes. */
export const inventedKit: KitFacts = {
  hub: {
    material: 'aluminium',
    rotor: { pattern: 'six-bolt', holeDepthMm: 9, coverFaceMm: 15 },
    takes: 'none',
    cable: { diameterMm: 6, plugMm: 11, atRotorBolts: false },
  },
  motor: { ratedW: 250, kv: 8, windingOhm: 0.18, noLoadA: 0.7 },
  controller: { topology: 'separate', fullV: 42, batteryA: 14, phaseA: 28 },
  assistedKmh: 25,
  throttle: 'none',
  display: true,
  rim: { innerWidthMm: 21, brakeTrack: true, valveHole: 'thick', depthMm: 18, maxBar: 5, maxLoadKg: 130 },
  flanges: {
    left: { flangeDiameterMm: 150, flangeOffsetMm: 20, holeMm: 2.6 },
    right: { flangeDiameterMm: 150, flangeOffsetMm: 20, holeMm: 2.6 },
    spokes: 36,
  },
  battery: { Wh: 420, massKg: 3, cost: 320 },
  massKg: 5,
  cost: 380,
  leadDays: 9,
  packing: [{ part: 'Wheel', count: 1 }],
  ownSteps: [],
  exclusions: [],
  verified: true,
};

export const inventedFrontWheel: Wheel = {
  id: 'front-wheel',
  code: 'FW-7',
  soldFor: 'front',
  drive: 'geared',
  regen: false,
  axle: { threadMm: 12, flatsMm: 10, leftMm: 38, rightMm: 36, threadFromLeftMm: 5, threadFromRightMm: 5 },
  shoulderWidthMm: 92,
  rimOffsetMm: 0,
  rotorFaceMm: 6.3,
  smallSprocketMm: null,
  nutMm: 9,
  nutFlangeMm: 22,
  coverDiameterMm: 132,
  coverWidthMm: 66,
  rotorDiameterMm: 160,
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
  kit: inventedKit,
};

export const inventedRearWheel: Wheel = {
  ...inventedFrontWheel,
  id: 'rear-wheel',
  code: 'RW-7',
  soldFor: 'rear',
  shoulderWidthMm: 127,
  axle: { ...inventedFrontWheel.axle, leftMm: 40, rightMm: 40 },
  rotorFaceMm: 6.5,
  smallSprocketMm: 0.4,
  kit: { ...inventedKit, hub: { ...inventedKit.hub, takes: 'freewheel' } },
};

const arm: ArmFacts = {
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
};

const tyre: TyreFacts = {
  beadSeatMm: 622,
  widthMm: 42,
  minBar: 2,
  maxBar: 5,
  loadKg: 120,
  speedKmh: 50,
  directional: true,
};

const blank = { boreMm: null, outerMm: null, tabWidthMm: null, tabDepthMm: null };
const washer = { boreMm: 12.3, outerMm: 22, tabWidthMm: null, tabDepthMm: null };

export const inventedArm = arm;

/** Stores with which everything goes. */
export const inventedStores: readonly StoreItem[] = [
  ...[0.5, 1, 1.5, 2, 3].map((thicknessMm): StoreItem => ({
    id: `plain-line-${thicknessMm}`,
    kind: 'plain',
    ...washer,
    thicknessMm,
    count: 6,
  })),
  {
    id: 'tabbed-line',
    kind: 'tabbed',
    ...washer,
    outerMm: 25,
    thicknessMm: 2.5,
    tabWidthMm: 9.8,
    tabDepthMm: 3,
    count: 4,
  },
  { id: 'rotor-shim-05', kind: 'rotor-shim', ...blank, thicknessMm: 0.5, count: 2 },
  { id: 'rotor-shim-1', kind: 'rotor-shim', ...blank, thicknessMm: 1, count: 2 },
  { id: 'caliper-shim-05', kind: 'caliper-shim', ...blank, thicknessMm: 0.5, count: 2 },
  { id: 'caliper-shim-1', kind: 'caliper-shim', ...blank, thicknessMm: 1, count: 2 },
  { id: 'arm-12', kind: 'arm', ...blank, boreMm: 12, thicknessMm: 6, count: 4, details: { arm } },
  ...[8, 10, 12].map((lengthMm): StoreItem => ({
    id: `rotor-bolt-${lengthMm}`,
    kind: 'rotor-bolt',
    ...blank,
    boreMm: 5,
    thicknessMm: 5,
    count: 12,
    details: { lengthMm },
  })),
  ...[16, 18, 20].map((lengthMm): StoreItem => ({
    id: `caliper-bolt-${lengthMm}`,
    kind: 'caliper-bolt',
    ...blank,
    boreMm: 6,
    thicknessMm: 6,
    count: 8,
    details: { lengthMm },
  })),
  { id: 'tyre-622', kind: 'tyre', ...blank, thicknessMm: 1, count: 2, details: { tyre } },
];

/** A rider and a bike for which everything goes. */
export const inventedBike: BikeFacts = {
  bikeKg: 17,
  riderKg: 72,
  loadKg: 8,
  speedKmh: 22,
  climb: { gradePercent: 4, minutes: 6, speedKmh: 15 },
  descentPercent: 4,
  surface: 'dry',
  ratings: [],
  law: exampleLawClasses[0]!,
  brakes: { front: { kind: 'rim' }, rear: { kind: 'rim' } },
};

export interface Invented {
  end?: End;
  disc?: boolean;
  words?: Record<string, string>;
  /** Null leaves a reading out. */
  lengths?: Record<string, number | null>;
  wheel?: Partial<Wheel>;
  kit?: Partial<KitFacts>;
  hub?: Partial<KitFacts['hub']>;
  stores?: readonly StoreItem[];
  bike?: Partial<BikeFacts>;
  input?: Partial<FitInput>;
}

/** One bike and kit of our own: everything goes but what is changed. */
export function invented(change: Invented = {}): FitInput {
  const end = change.end ?? 'front';
  const base = end === 'front' ? front : rear;
  const none: EndReadings = { words: {}, lengths: {} };
  const extra = change.disc ? disc : none;
  const lips = change.disc && end === 'front' ? frontLips : none;
  const readings = readingsOf(
    end,
    { ...base.words, ...extra.words, ...lips.words, ...change.words },
    { ...base.lengths, ...extra.lengths, ...lips.lengths, ...change.lengths },
  );
  const wheel = end === 'front' ? inventedFrontWheel : inventedRearWheel;
  const kit: KitFacts = { ...wheel.kit!, ...change.kit };
  return {
    facts: endFacts(end, readings),
    bike: { ...inventedBike, ...change.bike },
    wheel: { ...wheel, ...change.wheel, kit: { ...kit, hub: { ...kit.hub, ...change.hub } } },
    stores: change.stores ?? inventedStores,
    delivered: null,
    ...change.input,
  };
}

/** Readings of one end, one a feature. */
export function readingsOf(end: End, words: Record<string, string>, lengths: Record<string, number | null>): Reading[] {
  const blankReading = { place: axleAt(end), valueMm: null, word: null, parts: null, withdrawnAt: null };
  const all = [
    ...Object.entries(words).map(([feature, word]) => ({ ...blankReading, feature, word, instrument: 'eye' as const })),
    ...Object.entries(lengths).flatMap(([feature, valueMm]) => {
      const known = featureById(feature);
      if (known?.kind !== 'length') throw new Error(`no length ${feature}`);
      return valueMm === null ? [] : [{ ...blankReading, feature, valueMm, instrument: known.instrument }];
    }),
  ];
  return all.map((reading, index) => ({
    ...reading,
    id: `${end}-${index}`,
    takenAt: new Date(Date.UTC(2026, 2, 2, 9, index)).toISOString(),
  }));
}
