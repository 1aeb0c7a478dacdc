import type { KitFacts } from '../kit';
import type { Wheel } from '../parts';

/** A motor wheel as many are: a start for measuring one, never a statement about the one on the bench. */
export interface WheelPattern {
  id: 'front-geared' | 'front-direct' | 'rear-geared-screw' | 'rear-geared-cassette' | 'rear-direct-screw';
  wheel: Omit<Wheel, 'id' | 'code' | 'kit'>;
  kit: KitFacts;
}

const kit: KitFacts = {
  hub: {
    material: 'aluminium',
    rotor: { pattern: 'six-bolt', holeDepthMm: 9, coverFaceMm: 14 },
    takes: 'none',
    cable: { diameterMm: 7, plugMm: 12, atRotorBolts: false },
  },
  motor: { ratedW: 250 },
  controller: { topology: 'separate', fullV: 42, batteryA: 15 },
  assistedKmh: 25,
  throttle: 'none',
  display: true,
  massKg: 4.5,
  cost: 0,
  leadDays: 0,
  packing: [],
  ownSteps: [],
  exclusions: [],
  verified: false,
};

const frontGeared: WheelPattern['wheel'] = {
  soldFor: 'front',
  drive: 'geared',
  regen: false,
  axle: { threadMm: 12, flatsMm: 10, leftMm: 30, rightMm: 30, threadFromLeftMm: 4, threadFromRightMm: 4 },
  shoulderWidthMm: 96,
  rimOffsetMm: 0,
  rotorFaceMm: 10,
  smallSprocketMm: null,
  nutMm: 10,
  nutFlangeMm: 24,
  coverDiameterMm: 150,
  coverWidthMm: 70,
  rotorDiameterMm: 160,
  cableExit: 'right',
  downMark: 'none',
  beadSeatMm: 622,
  delivered: { left: [], right: [] },
};

const frontDirect: WheelPattern['wheel'] = {
  ...frontGeared,
  drive: 'direct',
  regen: true,
  axle: { ...frontGeared.axle, threadMm: 14, leftMm: 34, rightMm: 34 },
  nutMm: 11,
  nutFlangeMm: 28,
  coverDiameterMm: 240,
  coverWidthMm: 66,
};

const rearGeared: WheelPattern['wheel'] = {
  ...frontGeared,
  soldFor: 'rear',
  axle: { ...frontGeared.axle, leftMm: 34, rightMm: 36 },
  shoulderWidthMm: 128,
  smallSprocketMm: -4,
  coverWidthMm: 84,
};

const rearDirect: WheelPattern['wheel'] = {
  ...rearGeared,
  drive: 'direct',
  regen: true,
  axle: { ...rearGeared.axle, threadMm: 14 },
  nutMm: 11,
  nutFlangeMm: 28,
  coverDiameterMm: 240,
};

const direct: KitFacts = {
  ...kit,
  hub: { ...kit.hub, cable: { ...kit.hub.cable, diameterMm: 9, plugMm: 15 } },
  motor: { ratedW: 500 },
  controller: { topology: 'separate', fullV: 54.6, batteryA: 20 },
  massKg: 7.5,
};

const withSprockets = (takes: 'freewheel' | 'cassette', base: KitFacts): KitFacts => ({
  ...base,
  hub: { ...base.hub, takes, ...(takes === 'cassette' ? { bodyMm: 35 } : {}) },
});

/** The patterns that a shop may start from, the most common first. */
export const wheelPatterns: readonly WheelPattern[] = [
  { id: 'front-geared', wheel: frontGeared, kit },
  { id: 'rear-geared-screw', wheel: rearGeared, kit: withSprockets('freewheel', kit) },
  { id: 'rear-geared-cassette', wheel: rearGeared, kit: withSprockets('cassette', kit) },
  { id: 'front-direct', wheel: frontDirect, kit: direct },
  { id: 'rear-direct-screw', wheel: rearDirect, kit: withSprockets('freewheel', direct) },
];

/**
 * A wheel that stands for one on the bench, with every figure of the pattern marked as not measured.
 *
 * @param code - what the shop calls it
 */
export function wheelFromPattern({ wheel, kit: known }: WheelPattern, id: string, code: string): Wheel {
  return { ...wheel, id, code, kit: { ...known, unmeasured: toMeasure(wheel, known) } };
}

/** Paths of the figures in the order in which one measures them: axle, what sits on it, the maker's sheet. */
function toMeasure(wheel: WheelPattern['wheel'], known: KitFacts): string[] {
  return [
    'axle.threadMm',
    'axle.flatsMm',
    'shoulderWidthMm',
    'axle.leftMm',
    'axle.rightMm',
    'axle.threadFromLeftMm',
    'axle.threadFromRightMm',
    'nutMm',
    'nutFlangeMm',
    'rimOffsetMm',
    ...(wheel.rotorFaceMm === null ? [] : ['rotorFaceMm', 'kit.hub.rotor.holeDepthMm', 'kit.hub.rotor.coverFaceMm']),
    ...(wheel.rotorDiameterMm === null ? [] : ['rotorDiameterMm']),
    ...(wheel.smallSprocketMm === null ? [] : ['smallSprocketMm']),
    ...(known.hub.bodyMm === undefined ? [] : ['kit.hub.bodyMm']),
    'coverDiameterMm',
    'coverWidthMm',
    'beadSeatMm',
    'kit.hub.cable.diameterMm',
    'kit.hub.cable.plugMm',
    'kit.massKg',
    'kit.motor.ratedW',
    'kit.controller.fullV',
    'kit.controller.batteryA',
    'kit.assistedKmh',
    'kit.cost',
    'kit.leadDays',
  ];
}
