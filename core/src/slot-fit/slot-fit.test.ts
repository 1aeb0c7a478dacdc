import fc from 'fast-check';

import { relieveSeat } from './rules';
import { slotFit } from './slot-fit';
import type { SlotFitInput } from './contract';
import { axleCentreMm, flatChordMm, rockAngleDeg } from './geometry';
import { scannedCentreMm, scannedRockDeg } from './scan.testing';
import { say } from '../english.testing';

const m12 = { threadMm: 12, flatsMm: 10 };
const steelSlot: SlotFitInput['side'] = {
  kind: 'open',
  seat: 'relieved',
  slotMinMm: 10.1,
  slotMaxMm: 10.2,
  depthMm: 14,
  plateMm: 5,
  material: 'steel',
  oldAxleMm: 12,
};
const fit = (side: Partial<SlotFitInput['side']> = {}, more: Partial<SlotFitInput> = {}) =>
  slotFit({ axle: m12, side: { ...steelSlot, ...side }, ...more });
const finding = (result: ReturnType<typeof fit>, id: string) => result.findings.find((item) => item.id === id);

const anyAxle = fc.constantFrom(
  m12,
  { threadMm: 14, flatsMm: 10 },
  { threadMm: 14, flatsMm: 12 },
  { threadMm: 10, flatsMm: 8 },
);
const material = fc.constantFrom(
  'steel' as const,
  'titanium' as const,
  'forged-aluminium' as const,
  'cast-aluminium' as const,
  'magnesium' as const,
);
const anySide = fc
  .record({
    slotMinMm: fc.double({ min: 8, max: 13, noNaN: true }),
    widerMm: fc.double({ min: 0, max: 1.5, noNaN: true }),
    depthMm: fc.double({ min: 6, max: 22, noNaN: true }),
    plateMm: fc.double({ min: 2, max: 8, noNaN: true }),
    material,
    seat: fc.constantFrom('round' as const, 'flat' as const, 'relieved' as const),
    oldAxleMm: fc.double({ min: 8, max: 12, noNaN: true }),
  })
  .map(({ widerMm, ...side }) => ({ kind: 'open' as const, ...side, slotMaxMm: side.slotMinMm + widerMm }));

describe('geometry of axle and slot', () => {
  it('puts M12 flats 10 in a round 10.05 mm seat 7.84 mm up, needing 12.16 mm of depth', () => {
    const result = fit({ seat: 'round', slotMinMm: 10.05, slotMaxMm: 10.05, oldAxleMm: 9 });
    expect(flatChordMm(12, 10)).toBeCloseTo(6.633, 3);
    expect(result.axleCentreMm).toBeCloseTo(7.84, 2);
    expect(result.depthNeededMm).toBeCloseTo(12.16, 2);
    expect(result.axleShiftMm).toBeCloseTo(3.34, 2);
  });

  it('agrees with lowering the axle into the seat step by step', () => {
    fc.assert(
      fc.property(anyAxle, fc.double({ min: 0, max: 1.4, noNaN: true }), (axle, over) => {
        const slot = axle.flatsMm + over;
        expect(axleCentreMm(axle.threadMm, axle.flatsMm, slot, 'round')).toBeCloseTo(scannedCentreMm(axle, slot), 2);
      }),
      { numRuns: 60 },
    );
  });

  it('agrees with turning the axle until a corner meets the wall', () => {
    fc.assert(
      fc.property(anyAxle, fc.double({ min: 0.001, max: 1.9, noNaN: true }), (axle, over) => {
        const slot = axle.flatsMm + over;
        const angle = rockAngleDeg(axle.threadMm, axle.flatsMm, slot);
        if (slot >= axle.threadMm) expect(angle).toBeNull();
        else expect(angle).toBeCloseTo(scannedRockDeg(axle, slot), 4);
      }),
      { numRuns: 200 },
    );
  });
});

describe('slotFit', () => {
  it('goes when everything is inside the comfort limits', () => {
    const result = fit();
    expect(result).toMatchObject({ verdict: 'goes', fileMm: 0, clearanceMm: 0.1, axleShiftMm: 0, twoArms: false });
  });

  it('files a narrow slot within the limit, then asks for two arms', () => {
    const result = fit({ slotMinMm: 9.58, slotMaxMm: 9.7 });
    expect(result).toMatchObject({ verdict: 'work', fileMm: 0.47, twoArms: true });
    expect(say(finding(result, 'slot-width')!.remedies[0]!)).toContain('File 0.47 mm');
  });

  it.each([
    ['steel', 9, 'work'],
    ['steel', 8.9, 'stop'],
    ['titanium', 9.75, 'work'],
    ['titanium', 9.7, 'stop'],
    ['forged-aluminium', 9.45, 'work'],
    ['forged-aluminium', 9.4, 'stop'],
    ['cast-aluminium', 9.75, 'work'],
    ['magnesium', 9.99, 'stop'],
    ['magnesium', 10, 'goes'],
  ] as const)('files %s from %d mm: %s', (what, slotMinMm, verdict) => {
    expect(finding(fit({ material: what, slotMinMm, slotMaxMm: 10.05 }), 'slot-width')?.verdict).toBe(verdict);
  });

  it('does not file a plate under 4 mm', () => {
    expect(fit({ slotMinMm: 9.8, plateMm: 3.9 }).verdict).toBe('stop');
    expect(fit({ slotMinMm: 9.8, plateMm: 4 }).verdict).toBe('work');
  });

  it.each([
    [10.3, false, 'goes'],
    [10.31, false, 'work'],
    [10.8, false, 'work'],
    [10.81, false, 'stop'],
    [10.1, true, 'goes'],
    [10.11, true, 'work'],
  ])('judges play up to %d mm, braking motor %s: %s', (slotMaxMm, regen, verdict) => {
    expect(finding(fit({ slotMinMm: 10, slotMaxMm }, { regen }), 'slot-play')?.verdict).toBe(verdict);
  });

  it('stops an axle that spins free, filed or not', () => {
    expect(fit({ slotMaxMm: 12 })).toMatchObject({ verdict: 'stop', rockDeg: null });
    expect(fit({ slotMinMm: 9.8, slotMaxMm: 12 })).toMatchObject({ verdict: 'stop', rockDeg: null });
  });

  it('stops where the round seat holds too little of the flat, and names relieving it', () => {
    const result = fit({ seat: 'round', slotMinMm: 10.05, slotMaxMm: 10.05, depthMm: 10 });
    // e = 10 − 1 − (7.841 − 3.317) = 4.476 of 6.633: under three quarters.
    expect(result.flatEngagedMm).toBeCloseTo(4.476, 3);
    expect(finding(result, 'slot-depth')).toMatchObject({ verdict: 'stop' });
    expect(finding(result, 'slot-depth')?.remedies[0]?.said).toBe(relieveSeat);
    const partly = fit({ seat: 'round', slotMinMm: 10.05, slotMaxMm: 10.05, depthMm: 11 });
    expect(finding(partly, 'slot-depth')?.verdict).toBe('work');
    expect(partly.twoArms).toBe(true);
  });

  it('does not offer to relieve a seat in magnesium', () => {
    const result = fit({ material: 'magnesium', seat: 'round', slotMinMm: 10.05, slotMaxMm: 10.05, depthMm: 10 });
    expect(finding(result, 'slot-depth')?.remedies.join()).not.toContain('Relieve');
  });

  it('fills a lip with a C-washer that has room, and refuses the nut on the lip without one', () => {
    const lip = { diameterMm: 24, depthMm: 1.6 };
    const nut = { lip, seatPartMm: 23.6 };
    expect(finding(fit({ ...nut }), 'lip')?.verdict).toBe('stop');
    const filled = fit(nut, {
      cWashers: [
        { outerMm: 23, thicknessMm: 2, count: 1 },
        { outerMm: 20, thicknessMm: 2, count: 1 },
      ],
    });
    expect(filled).toMatchObject({ verdict: 'work', cWasher: { outerMm: 23, thicknessMm: 2 } });
    for (const wrong of [
      { outerMm: 23.8, thicknessMm: 2 },
      { outerMm: 23, thicknessMm: 1.5 },
      { outerMm: 23, thicknessMm: 2.7 },
    ]) {
      expect(finding(fit(nut, { cWashers: [{ ...wrong, count: 4 }] }), 'lip')?.verdict).toBe('stop');
    }
    expect(finding(fit(nut, { cWashers: [{ outerMm: 23, thicknessMm: 2, count: 0 }] }), 'lip')?.verdict).toBe('stop');
    expect(finding(fit({ lip, seatPartMm: 23.5 }), 'lip')?.verdict).toBe('goes');
  });

  it('asks for the old axle before it judges a lip', () => {
    const { oldAxleMm: _, ...side } = steelSlot;
    const result = slotFit({ axle: m12, side: { ...side, lip: { diameterMm: 24, depthMm: 1 }, seatPartMm: 20 } });
    expect(finding(result, 'lip')?.verdict).toBe('unknown');
  });

  it('takes only the hub made for a closed hole', () => {
    const hole = { kind: 'closed' as const, holeMm: 12 };
    expect(slotFit({ axle: { ...m12, throughMm: 12 }, side: { ...hole, material: 'steel' } }).verdict).toBe('goes');
    expect(slotFit({ axle: m12, side: { ...hole, material: 'steel' } }).verdict).toBe('stop');
    expect(slotFit({ axle: { ...m12, throughMm: 15 }, side: { ...hole, material: 'steel' } }).verdict).toBe('stop');
    expect(slotFit({ axle: { ...m12, throughMm: 12 }, side: { ...hole, material: 'carbon' } }).verdict).toBe('stop');
    expect(slotFit({ axle: { ...m12, throughMm: 12 }, side: steelSlot }).verdict).toBe('stop');
  });

  it('says what is not measured instead of guessing', () => {
    const result = slotFit({ axle: m12, side: { kind: 'open', material: 'steel' } });
    expect(result.verdict).toBe('unknown');
    expect(result.findings.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['slot-width', 'slot-play', 'slot-depth']),
    );
    expect(fit({ material: undefined }).verdict).toBe('unknown');
  });

  it('asks to measure again when the uncertainty covers a stop limit', () => {
    expect(finding(fit({ slotMinMm: 8.93, uncertaintyMm: 0.05 }), 'slot-width')?.verdict).toBe('unknown');
    expect(finding(fit({ slotMinMm: 8.8, uncertaintyMm: 0.05 }), 'slot-width')?.verdict).toBe('stop');
    expect(finding(fit({ slotMaxMm: 10.78, uncertaintyMm: 0.05 }), 'slot-play')?.verdict).toBe('unknown');
  });

  it.each([
    ['side.slotMinMm', { slotMinMm: 9999 }],
    ['side.slotMinMm', { slotMinMm: Number.NaN }],
    ['side.depthMm', { depthMm: -3 }],
    ['side.slotMaxMm', { slotMaxMm: 9 }],
    ['side.material', { material: 'bamboo' as never }],
    ['side.colour', { colour: 'green' } as never],
  ])('names %s in the error', (path, side) => {
    expect(() => fit(side)).toThrow(expect.objectContaining({ path }));
  });

  it('refuses flats as wide as the thread', () => {
    expect(() => slotFit({ axle: { threadMm: 12, flatsMm: 12 }, side: steelSlot })).toThrow(
      expect.objectContaining({ path: 'axle.flatsMm' }),
    );
  });
});

describe('slotFit properties', () => {
  const rank = { stop: 0, unknown: 1, work: 2, goes: 3 };

  it('stops carbon at any figure', () => {
    fc.assert(
      fc.property(anyAxle, anySide, fc.boolean(), (axle, side, blade) => {
        const carbon = blade ? { bladeMaterial: 'carbon' as const } : { material: 'carbon' as const };
        expect(slotFit({ axle, side: { ...side, ...carbon } }).verdict).toBe('stop');
      }),
    );
    expect(slotFit({ axle: m12, side: { kind: 'open', material: 'carbon' } }).verdict).toBe('stop');
  });

  it('never gets worse with a wider file limit, nor better with a tighter one', () => {
    fc.assert(
      fc.property(
        anyAxle,
        anySide,
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (axle, side, a, b) => {
          const at = (fileMm: number) => rank[slotFit({ axle, side, limits: { fileMm } }).verdict];
          expect(at(Math.max(a, b))).toBeGreaterThanOrEqual(at(Math.min(a, b)));
        },
      ),
    );
  });

  it('never says goes to a filed slot, an axle that spins, or flats that are not in the slot', () => {
    fc.assert(
      fc.property(anyAxle, anySide, (axle, side) => {
        const result = slotFit({ axle, side });
        if (result.verdict !== 'goes') return;
        expect(result.fileMm).toBe(0);
        expect(side.slotMaxMm - axle.flatsMm).toBeLessThanOrEqual(0.3 + 1e-9);
        expect(result.flatEngagedMm).toBeCloseTo(result.chordMm!, 6);
      }),
      { numRuns: 500 },
    );
  });

  it('gives finite figures or none', () => {
    fc.assert(
      fc.property(anyAxle, anySide, (axle, side) => {
        const { findings, verdict, cWasher, twoArms, ...figures } = slotFit({ axle, side });
        for (const figure of Object.values(figures)) expect(figure === null || Number.isFinite(figure)).toBe(true);
      }),
    );
  });
});
