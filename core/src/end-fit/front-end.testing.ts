import type { Reading } from '../end-facts';
import { featureById } from '../features';
import type { StoreItem, Wheel } from '../parts';

const words = {
  material: 'steel',
  'blade-material': 'steel',
  suspension: 'none',
  condition: 'sound',
  seat: 'open-flat',
  brake: 'rim',
  'axle-extras': 'none',
  'lip.left': 'none',
  'lip.right': 'none',
};

const lengths = {
  'rim-to-dropout.left': 37.5,
  'rim-to-dropout.right': 37.5,
  'spacing.front': 100.1,
  'spacing.back': 100.1,
  'slot-width.left.mouth': 10.16,
  'slot-width.left.middle': 10.14,
  'slot-width.left.seat': 10.1,
  'slot-width.right.mouth': 10.16,
  'slot-width.right.middle': 10.12,
  'slot-width.right.seat': 10.1,
  'slot-depth.left': 14,
  'slot-depth.right': 14,
  'plate.left': 5,
  'plate.right': 5,
  'old-axle': 10,
  'slot-line': 0,
  'clamp-from': 60,
  'clamp-to': 200,
  'blade-width': 20,
  'blade-step.left': 0,
  'blade-step.right': 0,
  'legs-apart': 84,
  'bead-seat': 559,
  'tyre-room': 60,
};

/** A steel front end on which the wheel goes; some of it changed. */
export function frontReadings(
  otherWords: Record<string, string> = {},
  otherLengths: Record<string, number> = {},
): Reading[] {
  const blank = { place: 'front-axle' as const, valueMm: null, word: null, parts: null, withdrawnAt: null };
  const all = [
    ...Object.entries({ ...words, ...otherWords }).map(([feature, word]) => ({
      ...blank,
      feature,
      word,
      instrument: 'eye' as const,
    })),
    ...Object.entries({ ...lengths, ...otherLengths }).map(([feature, valueMm]) => {
      const known = featureById(feature);
      if (known?.kind !== 'length') throw new Error(`no length ${feature}`);
      return { ...blank, feature, valueMm, instrument: known.instrument };
    }),
  ];
  return all.map((reading, index) => ({
    ...reading,
    id: String(index),
    takenAt: new Date(Date.UTC(2026, 2, 2, 9, index)).toISOString(),
  }));
}

export const frontWheel: Wheel = {
  id: 'front-wheel',
  code: 'FW-9',
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
  beadSeatMm: 559,
  delivered: { left: [{ kind: 'tabbed', thicknessMm: 2.5 }], right: [{ kind: 'tabbed', thicknessMm: 2.5 }] },
};

const line = { outerMm: 22, tabWidthMm: null, tabDepthMm: null };

export const washersOnHand: StoreItem[] = [
  { id: 'a', kind: 'plain', boreMm: 12.3, ...line, thicknessMm: 1.5, count: 4 },
  { id: 'b', kind: 'plain', boreMm: 12.3, ...line, thicknessMm: 0.5, count: 4 },
  { id: 'c', kind: 'arm', boreMm: 12, ...line, thicknessMm: 6, count: 2 },
];
