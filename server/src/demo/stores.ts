import type { StorePart } from '@cricket/contract/shapes';
import type { PartKind, PartSpec } from '@cricket/core/part-kinds';

import { demoId } from './demo-id';

type Line = readonly [
  kind: PartKind,
  spec: PartSpec,
  count: number,
  more?: Partial<Pick<StorePart, 'label' | 'costEach'>>,
];

const clamp = { widthMm: 18, bandFromMm: 12, bandToMm: 40, fitClearanceMm: 0.1 };
const rigidArm = { form: 'rigid', lengthMm: 90, ...clamp, grade: 'hard' };
const jointedArm = { form: 'adjustable', lengthMm: 50, linkMm: 60, ...clamp, grade: 'mild' };

const bolts = (kind: 'rotor-bolt' | 'caliper-bolt', threadMm: number, lengthsMm: number[]): Line[] =>
  lengthsMm.map((lengthMm) => [kind, { threadMm, lengthMm }, kind === 'rotor-bolt' ? 24 : 10, { costEach: 0.8 }]);

const spacers: Line[] = [0.7, 1, 1.2, 1.85, 2.85, 4.5].map((thicknessMm) => ['cassette-spacer', { thicknessMm }, 4]);

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
).map(([beadSeatMm, widthMm]) => [
  'tyre',
  { beadSeatMm, widthMm, minBar: 2, maxBar: 5, loadKg: 140, speedKmh: 50, directional: true },
  3,
  { costEach: 32 },
]);

const spokes: Line[] = Array.from({ length: 60 }, (_, index) => [
  'spoke',
  { gaugeMm: 2.3, lengthMm: 150 + 2 * index },
  index % 5 === 0 ? 72 : 36,
  { costEach: 0.6 },
]);

const plain = (boreMm: number, outerMm: number, rows: readonly (readonly [number, number])[]): Line[] =>
  rows.map(([thicknessMm, count]) => ['plain', { boreMm, outerMm, thicknessMm }, count]);

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
  ['tabbed', { boreMm: 12.2, outerMm: 25, thicknessMm: 2.5, tabWidthMm: 9.8, tabDepthMm: 3.5 }, 6],
  ['tabbed', { boreMm: 12.2, outerMm: 25, thicknessMm: 3, tabWidthMm: 9.6, tabDepthMm: 4 }, 2],
  ['tabbed', { boreMm: 14.2, outerMm: 28, thicknessMm: 3, tabWidthMm: 9.9, tabDepthMm: 4 }, 4],
  ['c-washer', { boreMm: 12.3, outerMm: 17, thicknessMm: 2 }, 4],
  ['c-washer', { boreMm: 12.3, outerMm: 20, thicknessMm: 1.6 }, 2],
  ['rotor-shim', { outerMm: 44, thicknessMm: 0.5 }, 4],
  ['rotor-shim', { outerMm: 44, thicknessMm: 1 }, 4],
  ['caliper-shim', { thicknessMm: 0.5 }, 6],
  ['caliper-shim', { thicknessMm: 1 }, 4],
  ['arm', { boreMm: 12, thicknessMm: 6, ...rigidArm }, 5, { costEach: 16, label: 'Straight arm 90' }],
  ['arm', { boreMm: 14, thicknessMm: 6, ...rigidArm }, 3, { costEach: 18, label: 'Straight arm 90' }],
  ['arm', { boreMm: 12, thicknessMm: 5, ...jointedArm }, 2, { costEach: 24, label: 'Jointed arm 50 + 60' }],
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
  ...[17, 18, 19, 20, 21, 22].map((outerMm): Line => ['c-washer', { boreMm: 14.3, outerMm, thicknessMm: 1.8 }, 2]),
  ...[140, 160, 180, 203].map((diameterMm): Line => ['rotor', { diameterMm, thicknessMm: 1.8 }, 1, { costEach: 22 }]),
  ...[11, 13].map((inboardMm): Line => [
    'caliper',
    { inboardMm },
    1,
    { costEach: 58, label: `Slim caliper ${inboardMm}` },
  ]),
  [
    'arm',
    { boreMm: 14, thicknessMm: 6, ...rigidArm, form: 'splined', stepDeg: 15, lengthMm: 80 },
    2,
    { costEach: 31, label: 'Splined arm 80' },
  ],
  ...spacers,
  ...tyres,
  ...spokes,
];

/** What the demo shop has on hand. */
export const demoStores: StorePart[] = lines.map(
  ([kind, spec, count, { label = null, costEach = null } = {}], index) => ({
    id: demoId(2, index + 1),
    kind,
    spec,
    label,
    costEach,
    count,
    withBikes: 0,
    onOrder: 0,
    version: 1,
    withdrawnAt: null,
  }),
);
