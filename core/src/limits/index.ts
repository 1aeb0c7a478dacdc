import * as v from 'valibot';

import { amount, integer, list, optional, record } from '../input';
import type { Material } from '../materials';

/** A figure per material; a plain number in its place holds for every material but carbon. */
export type ByMaterial = Record<Material, number>;

/** The workshop's limits. Every one is a default that the workshop can edit; [J] marks engineering judgement. */
export interface Limits {
  /** Most metal that may be filed off a slot, both walls together, in mm [J]. */
  fileMm: ByMaterial;
  /** Thinnest plate that may be filed, in mm [J]. */
  filePlateMinMm: number;
  /** Play between flats and slot that still `goes`, in mm [J]. */
  playGoesMm: number;
  /** Play that can still be shimmed, in mm [J]. */
  playWorkMm: number;
  /** Play that still `goes` when the motor brakes, in mm [J]. */
  playRegenMm: number;
  /** Metal that must stand between the flats and the mouth of the slot, in mm [J]. */
  slotMouthMm: number;
  /** Smallest share of the flat that must be in the slot, with two arms [J]. */
  flatEngagedShare: number;
  /** Movement of the axle against the old one that needs no reset of brakes, in mm [J]. */
  axleShiftMm: number;
  /** Room around a part that sits inside a retaining lip, on the radius, in mm [J]. */
  lipRoomMm: number;
  /** Room around a C-washer inside the lip, on the radius, in mm [J]. */
  cWasherRoomMm: number;
  /** How much thicker than the lip is deep a C-washer may be, in mm [J]. */
  cWasherOverMm: number;
  /** How far a frame end may be spread for a wide hub, in mm [J]. */
  spreadMm: ByMaterial;
  /** How far a frame end may be pinched on a narrow hub, in mm [J]. */
  pinchMm: ByMaterial;
  /** Spread and pinch at any suspension fork, in mm [J]. */
  suspensionSpreadMm: number;
  suspensionPinchMm: number;
  /** How far the rim may run off the bike's middle plane, in mm, and up to where it simply goes [J]. */
  rimOffsetMm: number;
  rimOffsetGoesMm: number;
  /** Rotor error up to which it simply goes, in mm [J]. */
  rotorErrorGoesMm: number;
  /** Most washers inside the dropout on one side. */
  insideMax: number;
  /** Washer thicknesses that a shop can buy, in mm. */
  purchaseMm: number[];
  /** Angle between the two dropout faces that still goes, in degrees [J]. */
  faceAngleDeg: number;
}

/** The defaults that Cricket ships with. */
export const defaultLimits: Limits = {
  fileMm: {
    steel: 1.1,
    titanium: 0.3,
    'forged-aluminium': 0.6,
    'cast-aluminium': 0.3,
    magnesium: 0,
    carbon: 0,
  },
  filePlateMinMm: 4,
  playGoesMm: 0.3,
  playWorkMm: 0.8,
  playRegenMm: 0.1,
  slotMouthMm: 1,
  flatEngagedShare: 0.75,
  axleShiftMm: 1,
  lipRoomMm: 0.25,
  cWasherRoomMm: 0.15,
  cWasherOverMm: 1,
  spreadMm: {
    steel: 3,
    titanium: 2,
    'forged-aluminium': 1,
    'cast-aluminium': 0.5,
    magnesium: 0.5,
    carbon: 0,
  },
  pinchMm: {
    steel: 1,
    titanium: 0.7,
    'forged-aluminium': 0.5,
    'cast-aluminium': 0.3,
    magnesium: 0.3,
    carbon: 0,
  },
  suspensionSpreadMm: 0.5,
  suspensionPinchMm: 0.3,
  rimOffsetMm: 2,
  rimOffsetGoesMm: 1,
  rotorErrorGoesMm: 1,
  insideMax: 5,
  purchaseMm: [0.5, 1, 1.5, 2, 2.5, 3, 5],
  faceAngleDeg: 0.5,
};

const mm = (max: number) => optional(amount(0, max, 'mm'));
const byMaterial = (max: number) =>
  optional(
    v.union(
      [
        amount(0, max, 'mm'),
        record({
          steel: mm(max),
          titanium: mm(max),
          'forged-aluminium': mm(max),
          'cast-aluminium': mm(max),
          magnesium: mm(max),
          carbon: mm(max),
        }),
      ],
      `a number from 0 to ${max} mm, or one for each material`,
    ),
  );

/** The schema of the workshop's own limits: any of them may be left out. */
export const limitsSchema = record({
  fileMm: byMaterial(3),
  filePlateMinMm: mm(10),
  playGoesMm: mm(2),
  playWorkMm: mm(3),
  playRegenMm: mm(2),
  slotMouthMm: mm(5),
  flatEngagedShare: optional(amount(0.5, 1, '')),
  axleShiftMm: mm(10),
  lipRoomMm: mm(3),
  cWasherRoomMm: mm(3),
  cWasherOverMm: mm(3),
  spreadMm: byMaterial(6),
  pinchMm: byMaterial(3),
  suspensionSpreadMm: mm(3),
  suspensionPinchMm: mm(3),
  rimOffsetMm: mm(10),
  rimOffsetGoesMm: mm(10),
  rotorErrorGoesMm: mm(10),
  insideMax: optional(integer(1, 8)),
  purchaseMm: optional(list(amount(0.1, 20, 'mm'), 12)),
  faceAngleDeg: optional(amount(0, 5, '°')),
});

export type LimitsInput = v.InferOutput<typeof limitsSchema>;

/**
 * The defaults with the workshop's own figures laid over them.
 *
 * Carbon stays at 0 whatever is given: a carbon end is never filed, spread or pinched.
 *
 * @example withLimits({ fileMm: { steel: 0.8 } }).fileMm.steel // 0.8
 */
export function withLimits(own: LimitsInput | undefined): Limits {
  if (!own) return defaultLimits;
  const { fileMm, spreadMm, pinchMm, ...plain } = own;
  const given = Object.fromEntries(Object.entries(plain).filter(([, value]) => value !== undefined));
  return {
    ...defaultLimits,
    ...given,
    fileMm: overlay(defaultLimits.fileMm, fileMm),
    spreadMm: overlay(defaultLimits.spreadMm, spreadMm),
    pinchMm: overlay(defaultLimits.pinchMm, pinchMm),
  };
}

function overlay(base: ByMaterial, own: LimitsInput['fileMm']): ByMaterial {
  if (own === undefined) return base;
  const laid = { ...base };
  for (const material of Object.keys(base) as Material[]) {
    const figure = typeof own === 'number' ? own : own[material];
    if (figure !== undefined && material !== 'carbon') laid[material] = figure;
  }
  return laid;
}
