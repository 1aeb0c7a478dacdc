import fc from 'fast-check';

import { materials, type Material } from '../materials';
import type { Verdict } from '../verdict';
import type { TorqueArm, TorqueReactionInput, TorqueSide } from './contract';
import { torqueReaction } from './torque-reaction';
import { say } from '../english.testing';

const mildArm: TorqueArm = { lengthMm: 90, thicknessMm: 6, grade: 'mild', fitClearanceMm: 0.1, clampOffsetMm: 0 };
const hardArm: TorqueArm = { ...mildArm, grade: 'hard' };

function both(side: Partial<TorqueSide>, arms: [TorqueArm[], TorqueArm[]] = [[], []]) {
  const base: TorqueSide = {
    material: 'steel',
    slotMm: 10.1,
    plateMm: 4.5,
    nutTorqueNm: 40,
    faceDiameterMm: 20,
    filedMm: 0,
    arms: [],
  };
  return { left: { ...base, ...side, arms: arms[0] }, right: { ...base, ...side, arms: arms[1] } };
}

const front35: TorqueReactionInput = {
  end: 'front',
  peakTorqueNm: 35,
  regen: false,
  axle: { threadMm: 12, flatsMm: 10 },
  sides: both({}),
};
const rear80: TorqueReactionInput = {
  end: 'rear',
  peakTorqueNm: 80,
  regen: false,
  axle: { threadMm: 14, flatsMm: 10 },
  sides: both({ plateMm: 6, nutTorqueNm: 50, faceDiameterMm: 24 }),
};

const withArms = (input: TorqueReactionInput, left: TorqueArm[], right: TorqueArm[] = []): TorqueReactionInput => ({
  ...input,
  sides: { left: { ...input.sides.left, arms: left }, right: { ...input.sides.right, arms: right } },
});
const sided = (input: TorqueReactionInput, change: Partial<TorqueSide>): TorqueReactionInput => ({
  ...input,
  sides: { left: { ...input.sides.left, ...change }, right: { ...input.sides.right, ...change } },
});

describe('torque reaction', () => {
  const cases: [string, TorqueReactionInput, Verdict][] = [
    ['35 N·m front steel without arm', front35, 'work'],
    ['the same with one mild arm', withArms(front35, [mildArm]), 'goes'],
    ['the same with the nuts at 60', sided(withArms(front35, [mildArm]), { nutTorqueNm: 60, arms: [mildArm] }), 'stop'],
    [
      '80 N·m front forged aluminium with two hard arms',
      withArms(
        { ...sided(front35, { material: 'forged-aluminium', nutTorqueNm: 35 }), peakTorqueNm: 80 },
        [hardArm],
        [hardArm],
      ),
      'stop',
    ],
    ['80 N·m rear steel without arm', rear80, 'work'],
    ['the same with two mild arms', withArms(rear80, [mildArm], [mildArm]), 'goes'],
    ['35 N·m front magnesium without approval', sided(front35, { material: 'magnesium', nutTorqueNm: 30 }), 'stop'],
  ];
  it.each(cases)('%s', (_, input, verdict) => {
    expect(torqueReaction(input).verdict).toBe(verdict);
  });

  it('adds friction, slots and arms to figures worked out by hand', () => {
    const { frictionNm, slotNm, armsNm, safety, safetySlack, slotElasticNm } = torqueReaction(
      withArms(front35, [mildArm]),
    );
    // Preload 0.7·40/(0.2·0.012) = 11,667 N; ring 12 to 20 mm bears at 8.1667 mm; two faces on each of two sides.
    expect(frictionNm).toBeCloseTo(2 * 2 * 0.12 * 11666.667 * 0.0081667, 2);
    expect(slotNm).toBeCloseTo((2 * 250 * 44 * 4.5) / 4000, 6);
    expect(slotElasticNm).toBeCloseTo((2 * 250 * 44 * 4.5) / 6000, 6);
    expect(armsNm).toBeCloseTo((250 * 44 * 6) / 4000, 6);
    expect(safety).toBeCloseTo((frictionNm + slotNm + armsNm) / 52.5, 9);
    expect(safetySlack).toBeCloseTo((slotNm + armsNm) / 35, 9);
  });

  it('agrees with friction summed over thin rings', () => {
    const { frictionNm } = torqueReaction(front35);
    const preloadN = (0.7 * 40) / (0.2 * 0.012);
    const rings = 20_000;
    const area = Math.PI * (10 ** 2 - 6 ** 2);
    let torque = 0;
    for (let i = 0; i < rings; i++) {
      const radius = 6 + (4 * (i + 0.5)) / rings;
      torque += 0.12 * (preloadN / area) * 2 * Math.PI * radius * (4 / rings) * radius;
    }
    expect(frictionNm).toBeCloseTo((4 * torque) / 1000, 4);
  });

  it('limits an arm by its clamps', () => {
    const weak: TorqueArm = {
      ...hardArm,
      clamps: [
        { distanceMm: 60, N: 100 },
        { distanceMm: 90, N: 50 },
      ],
    };
    const { armsNm, clampForceN } = torqueReaction(withArms(front35, [weak]));
    expect(armsNm).toBeCloseTo((60 * 100 + 90 * 50) / 1000, 9);
    // A stiff arm: the moments of both forces add up to what the arm carries, forces grow with distance.
    expect(clampForceN[1]! / clampForceN[0]!).toBeCloseTo(90 / 60, 9);
  });

  it('leaves out an arm that bears too late, and says so', () => {
    const tight = sided(front35, { slotMm: 10 });
    const late = withArms(tight, [{ ...mildArm, fitClearanceMm: 0.6 }]);
    const { shares, armsNm, findings } = torqueReaction(late);
    expect(armsNm).toBe(0);
    expect(shares.find(({ element }) => element === 'arm')).toMatchObject({ takesPart: false, nm: 0 });
    expect(findings.find(({ id }) => id === 'arm-late.left')).toMatchObject({ verdict: 'work' });
    // The corner of the flat travels about 6.63/2 mm from the centre line: 0.6/6.63 rad is 5 to 6 degrees.
    expect(shares.find(({ element }) => element === 'arm')!.bearsAtDeg).toBeGreaterThan(4.5);
  });

  it('counts a through axle by its arms alone', () => {
    const through = { ...withArms(front35, [mildArm]), axle: { threadMm: 12, flatsMm: 10, throughMm: 12 } };
    expect(torqueReaction(through)).toMatchObject({ frictionNm: 0, slotNm: 0 });
    expect(torqueReaction({ ...through, sides: both({}) }).verdict).not.toBe('goes');
  });

  it('stops what is free to spin', () => {
    const loose = sided(front35, { slotMm: 12 });
    const { verdict, findings } = torqueReaction(loose);
    expect(verdict).toBe('stop');
    expect(findings[0]!.id).toBe('spins');
  });

  it('credits no nut with more than its most', () => {
    const at45 = torqueReaction(sided(front35, { nutTorqueNm: 45 }));
    const at60 = torqueReaction(sided(front35, { nutTorqueNm: 60 }));
    expect(at60.frictionNm).toBe(at45.frictionNm);
    expect(at60.findings[0]).toMatchObject({ id: 'nut-torque.left', verdict: 'stop', limit: 45 });
    for (const { actions } of torqueReaction(front35).remedies) {
      for (const action of actions) expect(say(action)).not.toMatch(/nuts to (4[6-9]|[5-9]\d)/);
    }
  });

  it('lets the maker’s word turn a magnesium front from stop to work, never to goes', () => {
    const approval = { by: 'the fork’s maker', date: '2026-03-02', document: 'letter 12' };
    const approved = sided(front35, { material: 'magnesium', nutTorqueNm: 30, approval });
    const { verdict } = torqueReaction(withArms(approved, [hardArm], [hardArm]));
    expect(verdict).toBe('work');
  });

  it('stops regeneration at a front aluminium end', () => {
    const braking = {
      ...withArms(sided(front35, { material: 'forged-aluminium', nutTorqueNm: 30 }), [hardArm], [hardArm]),
      regen: true,
    };
    expect(torqueReaction(braking).findings[0]).toMatchObject({ id: 'regen-front', verdict: 'stop' });
  });

  it('names remedies that really reach what they promise', () => {
    const { remedies } = torqueReaction({ ...rear80, phaseA: 60 });
    expect(remedies.length).toBeGreaterThan(0);
    const two = remedies.find(({ actions }) => actions.every((action) => say(action).includes('mild steel arm')));
    expect(two).toMatchObject({ verdict: 'goes' });
    expect(two!.safety).toBeCloseTo(torqueReaction(withArms(rear80, [mildArm], [mildArm])).safety, 9);
  });

  it('stops when neither two actions nor less current are enough', () => {
    const hopeless = sided({ ...rear80, peakTorqueNm: 99 }, { plateMm: 1, nutTorqueNm: 60, flatEngagedMm: 5 });
    const thinArms = [{ ...mildArm, thicknessMm: 1 }];
    const { verdict, findings } = torqueReaction({ ...hopeless, armsOnHand: thinArms });
    expect(verdict).toBe('stop');
    expect(findings.find(({ id }) => id === 'safety')).toMatchObject({ verdict: 'stop' });
  });

  it('refuses a face that is not larger than the thread', () => {
    expect(() => torqueReaction(sided(front35, { faceDiameterMm: 12 }))).toThrow(/sides.left.faceDiameterMm is 12/);
  });

  const arm = fc.record({
    lengthMm: fc.integer({ min: 50, max: 150 }),
    thicknessMm: fc.integer({ min: 3, max: 8 }),
    grade: fc.constantFrom<'mild' | 'hard'>('mild', 'hard'),
    // Close fitting: an arm whose hole is tighter than the slot would bear alone and relieve nothing.
    fitClearanceMm: fc.constant(0.1),
    clampOffsetMm: fc.constant(0),
  });
  const side = fc.record({
    material: fc.constantFrom<Material>(...materials),
    slotMm: fc.constant(10.1),
    plateMm: fc.double({ min: 3, max: 8, noNaN: true }),
    nutTorqueNm: fc.double({ min: 10, max: 60, noNaN: true }),
    faceDiameterMm: fc.double({ min: 16, max: 30, noNaN: true }),
    filedMm: fc.constantFrom(0, 0.3),
    arms: fc.array(arm, { maxLength: 1 }),
  });
  const anyInput: fc.Arbitrary<TorqueReactionInput> = fc.record({
    end: fc.constantFrom<'front' | 'rear'>('front', 'rear'),
    peakTorqueNm: fc.double({ min: 10, max: 120, noNaN: true }),
    regen: fc.boolean(),
    axle: fc.constantFrom({ threadMm: 12, flatsMm: 10 }, { threadMm: 14, flatsMm: 10 }),
    sides: fc.record({ left: side, right: side }),
  });

  it('is never made less safe by one more arm', () => {
    fc.assert(
      fc.property(anyInput, arm, (input, more) => {
        const before = torqueReaction(input);
        const after = torqueReaction(withArms(input, [...input.sides.left.arms, more], input.sides.right.arms));
        expect(after.safety).toBeGreaterThanOrEqual(before.safety - 1e-9);
        expect(after.safetySlack).toBeGreaterThanOrEqual(before.safetySlack - 1e-9);
      }),
    );
  });

  it('gives the mirrored bike the mirrored answer', () => {
    fc.assert(
      fc.property(anyInput, (input) => {
        const mirrored = { ...input, sides: { left: input.sides.right, right: input.sides.left } };
        const [one, other] = [torqueReaction(input), torqueReaction(mirrored)];
        expect(other.verdict).toBe(one.verdict);
        expect(other.safety).toBeCloseTo(one.safety, 9);
        expect(other.nutCreditedNm).toEqual({ left: one.nutCreditedNm.right, right: one.nutCreditedNm.left });
      }),
    );
  });

  it('never says goes with carbon, too much torque, or a nut over its most', () => {
    fc.assert(
      fc.property(anyInput, (input) => {
        const { verdict, findings } = torqueReaction(input);
        const carbon = input.sides.left.material === 'carbon' || input.sides.right.material === 'carbon';
        if (carbon) expect(verdict).toBe('stop');
        if (verdict === 'goes') for (const item of findings) expect(item.verdict).toBe('goes');
      }),
    );
  });

  it('is never judged better under tighter limits', () => {
    const rank: Record<Verdict, number> = { stop: 0, unknown: 1, work: 2, goes: 3 };
    fc.assert(
      fc.property(anyInput, (input) => {
        const tighter = {
          ...input,
          limits: {
            safetyFront: 2.5,
            safetyRear: 2.5,
            nutMaxM12Nm: 30,
            capFrontGoesNm: { steel: 20, titanium: 20, 'forged-aluminium': 20 },
            // Only where the default is higher: one figure for all would be looser for what may get none.
            capRearGoesNm: { steel: 30, titanium: 30, 'forged-aluminium': 30 },
          },
        };
        expect(rank[torqueReaction(tighter).verdict]).toBeLessThanOrEqual(rank[torqueReaction(input).verdict]);
      }),
    );
  });
});
