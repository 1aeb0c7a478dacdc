import type { StandardFeature } from '../identify-standard';
import { materials } from '../materials';
import type { End, Side } from '../model';
import type { Instrument } from '../reading-statistics';

export type { End, Side };

/** A length at one place of an end. */
export interface LengthFeature {
  kind: 'length';
  id: string;
  side: Side | null;
  instrument: Instrument;
  /** What is refused as implausible lies outside. */
  minMm: number;
  maxMm: number;
  /** Table of standard sizes that it may be near. */
  standard: { front: StandardFeature; rear: StandardFeature } | null;
}

/** Something that is seen, not measured: one word out of a list. */
export interface WordFeature {
  kind: 'word';
  id: string;
  side: Side | null;
  words: readonly string[];
}

/** Parts as found on one side of the old axle, or as delivered on the motor's, from the hub outwards. */
export interface PartsFeature {
  kind: 'parts';
  id: string;
  side: Side;
}

export type Feature = LengthFeature | WordFeature | PartsFeature;

type Standards = LengthFeature['standard'];

const spacing: Standards = { front: 'front-spacing', rear: 'rear-spacing' };
const slot: Standards = { front: 'open-slot', rear: 'open-slot' };
const hole: Standards = { front: 'through-hole', rear: 'through-hole' };
const rotorOffset: Standards = { front: 'rotor-offset', rear: 'rotor-offset' };

function length(
  id: string,
  side: Side | null,
  minMm: number,
  maxMm: number,
  standard: Standards = null,
  instrument: Instrument = 'calipers',
): LengthFeature {
  return { kind: 'length', id, side, instrument, minMm, maxMm, standard };
}

function word(id: string, words: readonly string[], side: Side | null = null): WordFeature {
  return { kind: 'word', id, side, words };
}

const sides: readonly Side[] = ['left', 'right'];
const eachSide = <T>(make: (side: Side) => T | readonly T[]): T[] => sides.flatMap(make);

/** The places along a slot that are read one by one: the narrowest and the widest are kept. */
export const slotPlaces = ['mouth', 'middle', 'seat'] as const;

/** Distance between the two places where the spacing is read, in mm: 12 in front of and 12 behind the axle's centre. */
export const spacingPlacesApartMm = 24;

/** "Aluminium, not sure which" is an answer: it counts as cast until somebody knows. */
const seenMaterials = [...materials, 'aluminium-unsure'] as const;

/** Everything that can be recorded of one end, in the order that spares handling the bike. */
export const features: readonly Feature[] = [
  word('material', seenMaterials),
  word('blade-material', seenMaterials),
  word('suspension', ['none', 'suspension']),
  word('maker-approval', ['none', 'in-writing']),
  word('condition', ['sound', 'surface-rust', 'bent', 'cracked', 'play', 'unsure']),
  word('seat', ['open-round', 'open-flat', 'open-relieved', 'closed']),
  word('axle-extras', ['none', 'stays', 'kickstand', 'hitch']),
  word('slot-way', ['down', 'level']),
  word('axle-eyes', ['none', 'left', 'right', 'both']),
  word('hanger', ['none', 'clear', 'in-seat']),
  word('brake', ['rim', 'disc', 'other', 'none']),
  word('rim-bosses', ['bosses', 'none']),
  word('rotor-pattern', ['six-bolt', 'four-bolt', 'spline']),
  word('caliper-mount', ['side', 'face']),
  word('old-hub', ['plain', 'coaster', 'drum', 'gear-hub']),
  word('gears', ['none', '5', '6', '7', '8', '9', '10', '11', '12', 'no-chain']),
  word('cluster', ['freewheel', 'cassette']),
  word('clicks', ['friction', '5', '6', '7', '8', '9', '10', '11', '12']),
  length('rotor-inboard', null, 0, 60, rotorOffset),
  length('rotor-outer', null, 0, 60),
  length('rotor-thickness', null, 1, 4),
  length('rotor-diameter', null, 80, 320, { front: 'rotor', rear: 'rotor' }, 'ruler'),
  length('rotor-max', null, 80, 320, null, 'ruler'),
  length('caliper-inboard', null, 0, 60),
  length('caliper-depth', null, 5, 100),
  length('mount-plate', null, 0.5, 30),
  length('mount-thread', null, 3, 60),
  length('leg-inboard', null, -40, 40),
  length('sprocket-gap', null, -10, 60),
  length('cassette-stack', null, 5, 60),
  length('rim-to-dropout.left', 'left', 5, 120, null, 'ruler'),
  length('rim-to-dropout.right', 'right', 5, 120, null, 'ruler'),
  length('spacing.front', null, 60, 220, spacing),
  length('spacing.back', null, 60, 220, spacing),
  length('hole.left', 'left', 6, 30, hole),
  length('hole.right', 'right', 6, 30, hole),
  ...eachSide((side) => slotPlaces.map((place) => length(`slot-width.${side}.${place}`, side, 6, 20, slot))),
  ...eachSide((side) => length(`slot-depth.${side}`, side, 4, 45)),
  ...eachSide((side) => length(`plate.${side}`, side, 1.5, 20)),
  ...eachSide((side) => word(`lip.${side}`, ['none', 'lip'], side)),
  ...eachSide((side) => [length(`lip-diameter.${side}`, side, 12, 45), length(`lip-depth.${side}`, side, 0.2, 6)]),
  length('old-axle', null, 6, 20),
  length('hanger-in-seat', null, 0, 10),
  ...eachSide((side) => length(`extra.${side}`, side, 0, 20)),
  length('slot-line', null, -100, 100, null, 'ruler'),
  length('clamp-from', null, 10, 500, null, 'ruler'),
  length('clamp-to', null, 10, 600, null, 'ruler'),
  length('blade-width', null, 5, 80),
  ...eachSide((side) => length(`blade-step.${side}`, side, -40, 40)),
  length('legs-apart', null, 20, 260),
  length('bead-seat', null, 200, 700, { front: 'bead-seat', rear: 'bead-seat' }, 'ruler'),
  length('tyre-room', null, 15, 200),
  length('tyre-width', null, 15, 130),
  ...eachSide((side) => length(`filed.${side}`, side, 0, 3)),
  ...eachSide((side): PartsFeature => ({ kind: 'parts', id: `washers-found.${side}`, side })),
  ...eachSide((side): PartsFeature => ({ kind: 'parts', id: `washers-delivered.${side}`, side })),
];

const byId = new Map(features.map((feature) => [feature.id, feature]));

/**
 * The feature with this id.
 *
 * @returns undefined for an id that no feature has
 * @example featureById('slot-width.left.seat')?.kind // 'length'
 */
export function featureById(id: string): Feature | undefined {
  return byId.get(id);
}

/** Readings that give a verdict so far in a minute, in the order of the hand: what most often turns a kit down. */
export const firstLookFeatures = [
  'material',
  'blade-material',
  'seat',
  'spacing.front',
  'slot-width.left.middle',
  'brake',
  'lip.left',
] as const;
