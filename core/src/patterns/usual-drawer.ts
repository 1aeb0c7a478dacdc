import type { StoreItem } from '../parts';

/** Axle threads that a drawer is sorted by. */
export const drawerThreads = [10, 12, 14] as const;
export type DrawerThread = (typeof drawerThreads)[number];

/** A line of the stores before it has an id. */
export type DrawerLine = Omit<StoreItem, 'id'>;

const bare = { outerMm: null, tabWidthMm: null, tabDepthMm: null, count: 0 };

/** Outside of the usual washer of each thread. */
const outside: Record<DrawerThread, number> = { 10: 20, 12: 22, 14: 26 };

/** Tabs of the usual tabbed washer: what goes into a slot for flats of 9 or 10 mm. */
const tab: Record<DrawerThread, { widthMm: number; depthMm: number; thicknessMm: number }> = {
  10: { widthMm: 8.8, depthMm: 3, thicknessMm: 2 },
  12: { widthMm: 9.8, depthMm: 3.5, thicknessMm: 2.5 },
  14: { widthMm: 9.9, depthMm: 4, thicknessMm: 3 },
};

/**
 * The lines of a common drawer, each with a count of 0: nothing is on hand until somebody has counted it.
 *
 * @param threads - axle threads that the shop works on
 */
export function usualDrawer(threads: readonly DrawerThread[]): DrawerLine[] {
  if (threads.length === 0) return [];
  return [...threads.flatMap(ofThread), ...shimsAndBolts()];
}

function ofThread(threadMm: DrawerThread): DrawerLine[] {
  const boreMm = threadMm + 0.3;
  const plain = [1, 1.5, 2, 3].map((thicknessMm): DrawerLine => ({
    ...bare,
    kind: 'plain',
    boreMm,
    outerMm: outside[threadMm],
    thicknessMm,
  }));
  const { widthMm, depthMm, thicknessMm } = tab[threadMm];
  return [
    ...plain,
    {
      ...bare,
      kind: 'tabbed',
      boreMm: threadMm + 0.2,
      outerMm: outside[threadMm] + 3,
      thicknessMm,
      tabWidthMm: widthMm,
      tabDepthMm: depthMm,
    },
    ...[outside[threadMm] - 5, outside[threadMm] - 2].map((outerMm): DrawerLine => ({
      ...bare,
      kind: 'c-washer',
      boreMm,
      outerMm,
      thicknessMm: 2,
    })),
  ];
}

function shimsAndBolts(): DrawerLine[] {
  const bolt = (kind: 'rotor-bolt' | 'caliper-bolt', threadMm: number, lengthMm: number): DrawerLine => ({
    ...bare,
    kind,
    boreMm: threadMm,
    thicknessMm: threadMm,
    details: { lengthMm },
  });
  return [
    ...[0.2, 0.5, 1].map((thicknessMm): DrawerLine => ({
      ...bare,
      kind: 'rotor-shim',
      boreMm: null,
      outerMm: 44,
      thicknessMm,
    })),
    ...[0.2, 0.5, 1].map((thicknessMm): DrawerLine => ({ ...bare, kind: 'caliper-shim', boreMm: null, thicknessMm })),
    ...[8, 10, 12].map((lengthMm) => bolt('rotor-bolt', 5, lengthMm)),
    ...[16, 18, 20, 25].map((lengthMm) => bolt('caliper-bolt', 6, lengthMm)),
  ];
}
