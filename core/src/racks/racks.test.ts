import fc from 'fast-check';

import { racks, type RacksInput } from '.';

const input: RacksInput = {
  rack: { ratedKg: 27, fixings: 4, onSeatPost: false, lengthMm: 380, widthMm: 120 },
  pack: { massKg: 4, lengthMm: 380, widthMm: 130, onRail: false },
  luggageKg: 10,
  straps: [{ holdsN: 80 }, { holdsN: 80 }],
};
const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;
const ids = (of: RacksInput) =>
  racks(of)
    .findings.filter(({ verdict }) => verdict !== 'goes')
    .map(({ id, verdict }) => `${id} ${verdict}`);

describe('a battery on a rack', () => {
  it('is carried and held, three times its weight', () => {
    const result = racks(input);
    expect(result).toMatchObject({ verdict: 'goes', loadKg: 14, heldN: 160 });
    expect(result.neededN).toBeCloseTo(3 * 9.81 * 4, 9);
  });

  it('stops over the rating, on too few fixings, on a seat post, on one strap', () => {
    expect(ids({ ...input, luggageKg: 23.1 })).toEqual(['rack-rated stop']);
    expect(ids({ ...input, rack: { ...input.rack, fixings: 2 } })).toEqual(['rack-fixings stop']);
    expect(ids({ ...input, rack: { ...input.rack, onSeatPost: true } })).toEqual(['rack-seat-post stop']);
    expect(ids({ ...input, straps: [{ holdsN: 500 }] })).toEqual(['straps stop']);
    expect(ids({ ...input, straps: [{ holdsN: 50 }, { holdsN: 50 }] })).toEqual(['straps stop']);
    expect(ids({ ...input, straps: [], pack: { ...input.pack, onRail: true } })).toEqual(['straps work']);
  });

  it('lies on a plate where it stands far over', () => {
    expect(ids({ ...input, pack: { ...input.pack, lengthMm: 420 } })).toEqual(['rack-room work']);
    expect(ids({ ...input, pack: { ...input.pack, lengthMm: 418 } })).toEqual([]);
  });

  it('is not more than the rear wheel bears', () => {
    const rear = { restKg: 100, rearShare: 0.6, rearMostKg: 74 };
    expect(racks({ ...input, ...rear })).toMatchObject({ verdict: 'goes', rearKg: 74 });
    expect(ids({ ...input, ...rear, rearMostKg: 73 })).toEqual(['rear-load stop']);
  });

  it('never gets better by knowing less, nor by asking more', () => {
    const anyInput: fc.Arbitrary<RacksInput> = fc.record({
      rack: fc.record({
        ratedKg: fc.integer({ min: 5, max: 40 }),
        fixings: fc.integer({ min: 0, max: 5 }),
        onSeatPost: fc.boolean(),
        lengthMm: fc.constant(380),
        widthMm: fc.constant(120),
      }),
      pack: fc.record({
        massKg: fc.integer({ min: 1, max: 10 }),
        lengthMm: fc.integer({ min: 300, max: 450 }),
        widthMm: fc.constant(120),
        onRail: fc.boolean(),
      }),
      luggageKg: fc.integer({ min: 0, max: 30 }),
      straps: fc.array(fc.record({ holdsN: fc.integer({ min: 20, max: 200 }) }), { maxLength: 3 }),
    });
    const verdict = (of: RacksInput) => rank[racks(of).verdict];
    fc.assert(
      fc.property(anyInput, (drawn) => {
        const known = verdict(drawn);
        const { ratedKg: _, ...rack } = drawn.rack;
        expect(verdict({ ...drawn, rack })).toBeGreaterThanOrEqual(Math.min(known, rank.unknown));
        expect(verdict({ ...drawn, luggageKg: drawn.luggageKg + 2 })).toBeGreaterThanOrEqual(known);
        const heavier = { ...drawn.pack, massKg: drawn.pack.massKg + 1 };
        expect(verdict({ ...drawn, pack: heavier })).toBeGreaterThanOrEqual(known);
        expect(verdict({ ...drawn, straps: drawn.straps.slice(1) })).toBeGreaterThanOrEqual(known);
      }),
      { numRuns: 150, endOnFailure: true },
    );
  });
});
