import type { PartKind, PartSpec } from '../part-kinds';
import type { Drawer } from '../parts';

/** Axle threads that a drawer is sorted by. */
export const drawerThreads = [10, 12, 14] as const;
export type DrawerThread = (typeof drawerThreads)[number];

/** A part before it has an id. */
export type DrawerLine = Omit<Drawer, 'id'>;

/** Outside of the usual washer of each thread. */
const outside: Record<DrawerThread, number> = { 10: 20, 12: 22, 14: 26 };

/** Tabs of the usual tabbed washer: what goes into a slot for flats of 9 or 10 mm. */
const tab: Record<DrawerThread, { tabWidthMm: number; tabDepthMm: number; thicknessMm: number }> = {
  10: { tabWidthMm: 8.8, tabDepthMm: 3, thicknessMm: 2 },
  12: { tabWidthMm: 9.8, tabDepthMm: 3.5, thicknessMm: 2.5 },
  14: { tabWidthMm: 9.9, tabDepthMm: 4, thicknessMm: 3 },
};

/**
 * The parts of a common drawer, each with a count of 0: nothing is on hand until somebody has counted it.
 *
 * @param threads - axle threads that the shop works on
 */
export function usualDrawer(threads: readonly DrawerThread[]): DrawerLine[] {
  if (threads.length === 0) return [];
  return [...threads.flatMap(ofThread), ...shimsAndBolts()];
}

const line = (kind: PartKind, spec: PartSpec): DrawerLine => ({ kind, spec, label: null, costEach: null, count: 0 });

function ofThread(threadMm: DrawerThread): DrawerLine[] {
  const boreMm = threadMm + 0.3;
  const outerMm = outside[threadMm];
  return [
    ...[1, 1.5, 2, 3].map((thicknessMm) => line('plain', { boreMm, outerMm, thicknessMm })),
    line('tabbed', { boreMm: threadMm + 0.2, outerMm: outerMm + 3, ...tab[threadMm] }),
    ...[outerMm - 5, outerMm - 2].map((mm) => line('c-washer', { boreMm, outerMm: mm, thicknessMm: 2 })),
  ];
}

function shimsAndBolts(): DrawerLine[] {
  return [
    ...[0.2, 0.5, 1].map((thicknessMm) => line('rotor-shim', { outerMm: 44, thicknessMm })),
    ...[0.2, 0.5, 1].map((thicknessMm) => line('caliper-shim', { thicknessMm })),
    ...[8, 10, 12].map((lengthMm) => line('rotor-bolt', { threadMm: 5, lengthMm })),
    ...[16, 18, 20, 25].map((lengthMm) => line('caliper-bolt', { threadMm: 6, lengthMm })),
  ];
}
