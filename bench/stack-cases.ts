import type { AxleStackInput } from '@cricket/core/axle-stack';

export interface EndToFill {
  kinds: number;
  count: number;
  gridMm: number;
  seed: number;
}

/** A seeded end with large stores. Park–Miller numbers: the same ends on every machine. */
export function endToFill({ kinds, count, gridMm, seed }: EndToFill): AxleStackInput {
  let state = seed * 48_271 + 11;
  const random = () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
  for (let skip = 0; skip < 5; skip++) random();
  const between = (from: number, to: number) =>
    Number((Math.round((from + random() * (to - from)) / gridMm) * gridMm).toFixed(2));
  const tabbed = Math.max(1, Math.round(kinds / 6));
  return {
    spacingMm: between(134, 136),
    frameOffsetMm: between(-0.5, 0.5),
    material: 'steel',
    plateMm: { left: 5, right: 5 },
    hub: {
      shoulderWidthMm: between(121, 126),
      rimOffsetMm: between(-1, 1),
      axleMm: { left: 45, right: 45 },
      threadFromMm: { left: 5, right: 5 },
      threadMm: 12,
      rotorFaceMm: between(9, 12),
      smallSprocketMm: between(-1, 1),
    },
    want: { rotorFaceMm: 15.3, caliperShimsMm: [between(0.3, 0.8), between(0.9, 1.5)] },
    outside: { left: [{ id: 'arm', thicknessMm: 6 }], right: [] },
    nutMm: 9,
    tabs: { left: true, right: true },
    washers: Array.from({ length: kinds }, (_, index) => ({
      id: `w${index}`,
      kind: index < tabbed ? ('tabbed' as const) : ('plain' as const),
      thicknessMm: index < tabbed ? between(2, 3) : between(0.3, 4),
      count,
    })),
    rotorShims: [between(0.2, 0.5), between(0.5, 0.8), between(0.8, 1.2), between(1.2, 1.6)],
  };
}
