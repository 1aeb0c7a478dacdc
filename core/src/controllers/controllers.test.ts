import fc from 'fast-check';

import { controllers, type ControllersInput } from '.';

const input: ControllersInput = {
  box: { lengthMm: 120, widthMm: 60, heightMm: 35 },
  lossW: 5,
  airC: 30,
  around: 'open',
  gaps: { belowMm: 12, aroundMm: 6 },
  exits: 'down',
  splashed: false,
  plugs: [{ id: 'motor', lengthMm: 300, neededMm: 260 }],
};
const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;
const ids = (of: ControllersInput) =>
  controllers(of)
    .findings.filter(({ verdict }) => verdict !== 'goes')
    .map(({ id, verdict }) => `${id} ${verdict}`);

describe('a controller where it is put', () => {
  it('gets as hot as its heat through its sides makes it', () => {
    const { surfaceM2, boxC, mostLossW, verdict } = controllers(input);
    expect(verdict).toBe('goes');
    expect(surfaceM2).toBeCloseTo(2 * (0.12 * 0.06 + 0.12 * 0.035 + 0.06 * 0.035), 12);
    expect(boxC).toBeCloseTo(30 + 5 / (8 * 0.027), 9);
    // At the most that it may lose it is just cool enough.
    expect(controllers({ ...input, lossW: mostLossW }).boxC).toBeCloseTo(60, 9);
    expect(ids({ ...input, lossW: mostLossW + 0.1 })).toEqual(['heat stop']);
  });

  it('is cooled by the box round it, and hardly through padding', () => {
    const closedIn = { lengthMm: 200, widthMm: 120, heightMm: 80 };
    const closed = controllers({ ...input, around: 'closed', closedIn });
    expect(closed.boxC).toBeLessThan(controllers(input).boxC);
    const padded = controllers({ ...input, around: 'padded', closedIn });
    expect(padded.boxC - 30).toBeCloseTo((closed.boxC - 30) / 0.3, 9);
    expect(padded.findings.map(({ id }) => id)).toContain('padding');
  });

  it('wants air, cables downwards, no spray, and slack at its plugs', () => {
    expect(ids({ ...input, gaps: { belowMm: 9.9, aroundMm: 4.9 } }).sort()).toEqual([
      'air.around work',
      'air.below work',
    ]);
    expect(ids({ ...input, exits: 'up' })).toEqual(['exits work']);
    expect(ids({ ...input, splashed: true })).toEqual(['water stop']);
    expect(ids({ ...input, splashed: true, watertight: true })).toEqual([]);
    expect(ids({ ...input, plugs: [{ id: 'motor', lengthMm: 200, neededMm: 260 }] })).toEqual([
      'plug-reach.motor work',
    ]);
  });

  const anyInput: fc.Arbitrary<ControllersInput> = fc.record({
    box: fc.constant(input.box),
    lossW: fc.integer({ min: 0, max: 12 }),
    airC: fc.integer({ min: 0, max: 45 }),
    around: fc.constantFrom('open', 'closed', 'padded'),
    gaps: fc.record({ belowMm: fc.integer({ min: 0, max: 20 }), aroundMm: fc.integer({ min: 0, max: 10 }) }),
    exits: fc.constantFrom('down', 'side', 'up'),
    splashed: fc.boolean(),
    watertight: fc.boolean(),
    plugs: fc.constant(input.plugs),
  });
  const verdict = (of: ControllersInput) => rank[controllers(of).verdict];

  it('never gets better by knowing less, nor by asking more', () => {
    fc.assert(
      fc.property(anyInput, (drawn) => {
        const known = verdict(drawn);
        for (const name of ['gaps', 'exits', 'splashed', 'watertight'] as const) {
          const { [name]: _, ...less } = drawn;
          expect(verdict(less)).toBeGreaterThanOrEqual(Math.min(known, rank.unknown));
        }
        expect(verdict({ ...drawn, lossW: drawn.lossW + 3 })).toBeGreaterThanOrEqual(known);
        expect(verdict({ ...drawn, airC: drawn.airC! + 3 })).toBeGreaterThanOrEqual(known);
      }),
      { numRuns: 150, endOnFailure: true },
    );
  });
});
