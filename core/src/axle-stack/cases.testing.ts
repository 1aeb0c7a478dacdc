import fc from 'fast-check';

import type { AxleStackInput } from './contract';

/** A front end with a motor hub that simply goes; tests change what they are about. */
export const plainEnd: AxleStackInput = {
  spacingMm: 100,
  material: 'steel',
  plateMm: { left: 5, right: 5 },
  hub: { shoulderWidthMm: 92, rimOffsetMm: 0, axleMm: { left: 38, right: 38 }, threadMm: 12 },
  outside: { left: [], right: [] },
  nutMm: 9,
  tabs: { left: true, right: true },
  washers: [
    { id: 'tab-25', kind: 'tabbed', thicknessMm: 2.5, count: 4 },
    { id: 'plain-10', kind: 'plain', thicknessMm: 1, count: 6 },
    { id: 'plain-15', kind: 'plain', thicknessMm: 1.5, count: 6 },
  ],
  rotorShims: [],
};

const grid = (from: number, to: number, step = 0.05) =>
  fc.integer({ min: Math.round(from / step), max: Math.round(to / step) }).map((n) => Number((n * step).toFixed(2)));

/** Random ends, hubs and small stores, on a 0.05 or 0.01 mm grid: small enough for plain enumeration. */
export const anyEnd: fc.Arbitrary<AxleStackInput> = fc.constantFrom(0.01, 0.05).chain((step) =>
  fc.record({
    spacingMm: grid(98, 102, step),
    frameOffsetMm: grid(-0.8, 0.8, step),
    material: fc.constantFrom(
      'steel' as const,
      'titanium' as const,
      'forged-aluminium' as const,
      'cast-aluminium' as const,
      'magnesium' as const,
    ),
    suspension: fc.boolean(),
    plateMm: fc.record({ left: grid(4, 7), right: grid(4, 7) }),
    hub: fc.record(
      {
        shoulderWidthMm: grid(88, 98, step),
        rimOffsetMm: grid(-1.8, 1.8, step),
        axleMm: fc.record({ left: grid(22, 40), right: grid(22, 40) }),
        threadFromMm: fc.record({ left: grid(2, 9), right: grid(2, 9) }),
        threadMm: fc.constant(12),
        rotorFaceMm: grid(9, 13, step),
        smallSprocketMm: grid(1, 5, step),
      },
      { requiredKeys: ['shoulderWidthMm', 'rimOffsetMm', 'axleMm', 'threadMm'] },
    ),
    want: fc.record({
      rotorFaceMm: grid(12, 15, step),
      caliperShimsMm: fc.array(grid(0.2, 1.5, step), { maxLength: 2 }),
    }),
    outside: fc.record({
      left: fc.constantFrom([], [{ id: 'arm', thicknessMm: 6 }]),
      right: fc.constantFrom([], [{ id: 'stay', thicknessMm: 2 }]),
    }),
    nutMm: fc.constant(9),
    tabs: fc.record({ left: fc.boolean(), right: fc.boolean() }),
    washers: fc
      .array(
        fc.record({
          kind: fc.constantFrom('plain' as const, 'plain' as const, 'tabbed' as const),
          thicknessMm: grid(0.3, 3, step),
          count: fc.integer({ min: 0, max: 3 }),
        }),
        { minLength: 2, maxLength: 4 },
      )
      .map((list) =>
        [...list, { kind: 'tabbed' as const, thicknessMm: 2, count: 2 }].map((washer, index) => ({
          id: `w${index}`,
          ...washer,
        })),
      ),
    rotorShims: fc.array(grid(0.2, 1.5, step), { maxLength: 3 }),
  }),
);

/** The same end seen from the other side; only for ends without rotor and sprockets, which live on one side. */
export function mirrored(input: AxleStackInput): AxleStackInput {
  const swap = <T>({ left, right }: { left: T; right: T }) => ({ left: right, right: left });
  return {
    ...input,
    frameOffsetMm: -(input.frameOffsetMm ?? 0),
    plateMm: swap(input.plateMm),
    hub: {
      ...input.hub,
      rimOffsetMm: -input.hub.rimOffsetMm,
      axleMm: swap(input.hub.axleMm),
      threadFromMm: input.hub.threadFromMm && swap(input.hub.threadFromMm),
    },
    outside: swap(input.outside),
    tabs: swap(input.tabs),
  };
}

/** An end without anything that belongs to one side only. */
export function sideless(input: AxleStackInput): AxleStackInput {
  const { rotorFaceMm: _rotor, smallSprocketMm: _sprocket, ...hub } = input.hub;
  return { ...input, hub, want: undefined };
}
