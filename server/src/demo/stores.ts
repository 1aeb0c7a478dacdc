import type { StoreItem } from '@cricket/contract/shapes';
import type { ArmFacts, StoreDetails, StoreKind } from '@cricket/core/parts';

import { demoId } from './demo-id';

interface Line {
  kind: StoreKind;
  boreMm: number | null;
  outerMm: number | null;
  thicknessMm: number;
  tabWidthMm?: number;
  tabDepthMm?: number;
  count: number;
  details?: StoreDetails;
}

const rigidArm: ArmFacts = {
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
const jointedArm: ArmFacts = { ...rigidArm, kind: 'adjustable', lengthMm: 50, linkMm: 60, grade: 'mild' };
const none = { boreMm: null, outerMm: null };

const bolts = (kind: 'rotor-bolt' | 'caliper-bolt', threadMm: number, lengthsMm: number[]): Line[] =>
  lengthsMm.map((lengthMm) => ({
    kind,
    boreMm: threadMm,
    outerMm: null,
    thicknessMm: threadMm,
    count: kind === 'rotor-bolt' ? 24 : 10,
    details: { lengthMm, costEach: 0.8 },
  }));

const spacers: Line[] = [0.7, 1, 1.2, 1.85, 2.85, 4.5].map((thicknessMm) => ({
  kind: 'cassette-spacer',
  ...none,
  thicknessMm,
  count: 4,
}));

const tyres: Line[] = (
  [
    [622, 42],
    [622, 50],
    [559, 50],
    [406, 47],
    [349, 47],
    [507, 47],
    [590, 37],
    [622, 32],
  ] as const
).map(([beadSeatMm, widthMm]) => ({
  kind: 'tyre',
  ...none,
  thicknessMm: 1,
  count: 3,
  details: {
    costEach: 32,
    tyre: { beadSeatMm, widthMm, minBar: 2, maxBar: 5, loadKg: 140, speedKmh: 50, directional: true },
  },
}));

const spokes: Line[] = Array.from({ length: 60 }, (_, index) => ({
  kind: 'spoke' as const,
  ...none,
  thicknessMm: 2.3,
  count: index % 5 === 0 ? 72 : 36,
  details: { lengthMm: 150 + 2 * index, costEach: 0.6 },
}));

const plain = (boreMm: number, outerMm: number, rows: readonly (readonly [number, number])[]): Line[] =>
  rows.map(([thicknessMm, count]) => ({ kind: 'plain', boreMm, outerMm, thicknessMm, count }));

const lines: Line[] = [
  ...plain(12.3, 22, [
    [0.5, 8],
    [1, 10],
    [1.5, 6],
    [2, 6],
    [3, 4],
  ]),
  ...plain(14.3, 26, [
    [1, 3],
    [1.5, 2],
  ]),
  { kind: 'tabbed', boreMm: 12.2, outerMm: 25, thicknessMm: 2.5, tabWidthMm: 9.8, tabDepthMm: 3.5, count: 6 },
  { kind: 'tabbed', boreMm: 12.2, outerMm: 25, thicknessMm: 3, tabWidthMm: 9.6, tabDepthMm: 4, count: 2 },
  { kind: 'tabbed', boreMm: 14.2, outerMm: 28, thicknessMm: 3, tabWidthMm: 9.9, tabDepthMm: 4, count: 4 },
  { kind: 'c-washer', boreMm: 12.3, outerMm: 17, thicknessMm: 2, count: 4 },
  { kind: 'c-washer', boreMm: 12.3, outerMm: 20, thicknessMm: 1.6, count: 2 },
  { kind: 'rotor-shim', boreMm: null, outerMm: 44, thicknessMm: 0.5, count: 4 },
  { kind: 'rotor-shim', boreMm: null, outerMm: 44, thicknessMm: 1, count: 4 },
  { kind: 'caliper-shim', boreMm: null, outerMm: null, thicknessMm: 0.5, count: 6 },
  { kind: 'caliper-shim', boreMm: null, outerMm: null, thicknessMm: 1, count: 4 },
  {
    kind: 'arm',
    boreMm: 12,
    outerMm: null,
    thicknessMm: 6,
    count: 5,
    details: { arm: rigidArm, costEach: 16, label: 'Straight arm 90' },
  },
  {
    kind: 'arm',
    boreMm: 14,
    outerMm: null,
    thicknessMm: 6,
    count: 3,
    details: { arm: rigidArm, costEach: 18, label: 'Straight arm 90' },
  },
  {
    kind: 'arm',
    boreMm: 12,
    outerMm: null,
    thicknessMm: 5,
    count: 2,
    details: { arm: jointedArm, costEach: 24, label: 'Jointed arm 50 + 60' },
  },
  ...bolts('rotor-bolt', 5, [8, 10, 12, 16]),
  ...bolts('caliper-bolt', 6, [16, 18, 20, 25, 30]),
  ...plain(10.3, 20, [
    [1, 12],
    [2, 12],
    [3, 6],
  ]),
  ...plain(12.3, 22, [
    [2.5, 4],
    [5, 3],
  ]),
  ...[17, 18, 19, 20, 21, 22].map((outerMm): Line => ({
    kind: 'c-washer',
    boreMm: 14.3,
    outerMm,
    thicknessMm: 1.8,
    count: 2,
  })),
  ...[140, 160, 180, 203].map((outerMm): Line => ({
    kind: 'rotor',
    boreMm: null,
    outerMm,
    thicknessMm: 1.8,
    count: 1,
    details: { costEach: 22 },
  })),
  ...[11, 13].map((inboardMm): Line => ({
    kind: 'caliper',
    ...none,
    thicknessMm: 1,
    count: 1,
    details: { inboardMm, costEach: 58, label: `Slim caliper ${inboardMm}` },
  })),
  {
    kind: 'arm',
    boreMm: 14,
    outerMm: null,
    thicknessMm: 6,
    count: 2,
    details: {
      arm: { ...rigidArm, kind: 'splined', stepDeg: 15, lengthMm: 80 },
      costEach: 31,
      label: 'Splined arm 80',
    },
  },
  ...spacers,
  ...tyres,
  ...spokes,
];

/** What the demo shop has on hand. */
export const demoStores: StoreItem[] = lines.map((line, index) => ({
  id: demoId(2, index + 1),
  ...line,
  tabWidthMm: line.tabWidthMm ?? null,
  tabDepthMm: line.tabDepthMm ?? null,
  withBikes: 0,
  version: 1,
  withdrawnAt: null,
}));
