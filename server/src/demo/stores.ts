import type { StoreItem } from '@cricket/contract/shapes';
import type { StoreKind } from '@cricket/core/parts';

import { demoId } from './demo-id';

interface Line {
  kind: StoreKind;
  boreMm: number | null;
  outerMm: number | null;
  thicknessMm: number;
  tabWidthMm?: number;
  tabDepthMm?: number;
  count: number;
}

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
  { kind: 'arm', boreMm: 12, outerMm: null, thicknessMm: 6, count: 5 },
  { kind: 'arm', boreMm: 14, outerMm: null, thicknessMm: 6, count: 3 },
];

/** What the demo shop has on hand. */
export const demoStores: StoreItem[] = lines.map((line, index) => ({
  id: demoId(2, index + 1),
  ...line,
  tabWidthMm: line.tabWidthMm ?? null,
  tabDepthMm: line.tabDepthMm ?? null,
  version: 1,
  withdrawnAt: null,
}));
