import fc from 'fast-check';

import { armFit } from './arm-fit';
import type { Arm, ArmFitInput, ArmPlacement, ArmSide } from './contract';
import { say } from '../english.testing';

const side: ArmSide = {
  slotDeg: 270,
  bladeDeg: 90,
  clampable: [{ fromMm: 60, toMm: 200 }],
  blade: { nearAtMm: 60, nearMm: 16, farAtMm: 200, farMm: 24 },
  stepMm: 0,
  threadLeftMm: 10,
};
const rigid: Arm = {
  id: 'rigid',
  kind: 'rigid',
  lengthMm: 90,
  thicknessMm: 6,
  widthMm: 18,
  band: { fromMm: 12, toMm: 40 },
};
const adjustable: Arm = { ...rigid, id: 'adjustable', kind: 'adjustable', lengthMm: 50, linkMm: 60 };
const fit = (change: Partial<ArmSide>, arms: Arm[] = [rigid], more: Partial<ArmFitInput> = {}) =>
  armFit({ sides: { left: { ...side, ...change }, right: { ...side, ...change } }, arms, ...more });
const best = (placements: ArmPlacement[]) => placements[0]!;

describe('arms', () => {
  it('put a rigid arm along a slot that points down the blade', () => {
    const { verdict, chosen } = fit({});
    expect(verdict).toBe('goes');
    expect(chosen[0]).toMatchObject({ armDeg: 90, clampAtMm: 90, missMm: 0, spacerMm: 0, threadMm: 6 });
    // A quarter of the way from 60 to 200 mm, the blade has widened in proportion.
    expect(chosen[0]!.bladeMm).toBeCloseTo(16 + (8 * 30) / 140, 9);
  });

  it('sees a rigid arm point past a blade that leans, where an adjustable one reaches', () => {
    const leaning = { bladeDeg: 75 };
    const past = fit(leaning);
    expect(past.verdict).toBe('work');
    expect(past.chosen).toEqual([]);
    expect(say(past.findings[0]!.remedies[0]!)).toContain('adjustable');
    expect(Math.abs(best(past.placements).missMm)).toBeCloseTo(90 * Math.sin((15 * Math.PI) / 180), 9);
    const reached = fit(leaning, [adjustable]);
    expect(reached.verdict).toBe('goes');
    expect(reached.chosen[0]!.missMm).toBeCloseTo(0, 9);
  });

  it('ends an adjustable arm where the law of cosines puts it', () => {
    const { clampAtMm } = fit({ bladeDeg: 75 }, [adjustable]).chosen[0]!;
    // Sides 50 and 60 with 15 degrees between the first and the blade.
    const cosine = (50 ** 2 + clampAtMm ** 2 - 60 ** 2) / (2 * 50 * clampAtMm);
    expect(cosine).toBeCloseTo(Math.cos((15 * Math.PI) / 180), 9);
  });

  it('turns a splined arm to the nearest step', () => {
    const splined: Arm = { ...rigid, id: 'splined', kind: 'splined', stepDeg: 10 };
    expect(fit({ bladeDeg: 79 }, [splined]).chosen[0]!.armDeg).toBeCloseTo(80, 9);
  });

  it('says whether drive presses the arm to the blade or pulls its band', () => {
    // Hole 2 degrees off the length: one face lies clockwise of the blade, the other counter-clockwise.
    const skewed: Arm = { ...rigid, holeDeg: 2 };
    const { placements } = fit({}, [skewed]);
    const clockwise = placements.find(({ armDeg }) => armDeg < 90 && armDeg > 0)!;
    const counter = placements.find(({ armDeg }) => armDeg > 90)!;
    expect(clockwise.underDrive).toBe('pressed');
    expect(counter.underDrive).toBe('band');
    expect(placements.indexOf(clockwise)).toBeLessThan(placements.indexOf(counter));
  });

  it('names the spacer for an arm over a recess or out of plane', () => {
    expect(fit({ recessMm: 2 }).chosen[0]).toMatchObject({ spacerMm: 2, threadMm: 8, verdict: 'work' });
    expect(fit({ stepMm: 5, threadLeftMm: 12 }).chosen[0]).toMatchObject({ spacerMm: 5, verdict: 'work' });
    expect(fit({ stepMm: -5 }).chosen[0]).toMatchObject({ clampSpacerMm: 5, verdict: 'work' });
    expect(fit({ stepMm: 2 }).chosen[0]).toMatchObject({ spacerMm: 0, planeOffsetMm: 2, verdict: 'goes' });
    const bent: Arm = { ...rigid, offsetMm: 5 };
    expect(fit({ stepMm: 5 }, [bent]).chosen[0]).toMatchObject({ spacerMm: 0, flipped: false, verdict: 'goes' });
  });

  it.each<[string, Partial<ArmSide>, RegExp]>([
    ['nowhere to clamp', { clampable: [{ fromMm: 100, toMm: 200 }] }, /cannot be clamped/],
    ['a blade too thick', { blade: { nearAtMm: 60, nearMm: 50, farAtMm: 200, farMm: 60 } }, /clamp takes/],
    ['the caliper in the way', { obstacles: [{ id: 'caliper', forwardMm: 15, upMm: 60, radiusMm: 12 }] }, /caliper/],
    ['too little thread', { threadLeftMm: 4 }, /lack 2 mm of thread/],
  ])('stops at %s', (_, change, words) => {
    const { placements, chosen } = fit(change);
    expect(chosen).toEqual([]);
    expect(
      placements
        .flatMap(({ because }) => because)
        .map(say)
        .join(' '),
    ).toMatch(words);
  });

  it('clears an obstacle by the distance sampled along the arm', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.double({ min: -20, max: 130, noNaN: true }),
        (forwardMm, upMm) => {
          const upward = fit({ obstacles: [{ id: 'caliper', forwardMm, upMm, radiusMm: 10 }] }).placements.find(
            ({ armDeg, side: at }) => at === 'left' && armDeg === 90,
          )!;
          let least = Infinity;
          for (let y = 0; y <= 90; y += 0.05) least = Math.min(least, Math.hypot(forwardMm, upMm - y));
          const room = least - 10 - 9;
          if (Math.abs(room - 2) > 0.01)
            expect(upward.because.some((words) => say(words).includes('caliper'))).toBe(room < 2);
        },
      ),
    );
  });

  it('prefers the side without the cable and with most thread', () => {
    const input: ArmFitInput = {
      sides: { left: { ...side, cable: true }, right: { ...side, threadLeftMm: 9 } },
      arms: [rigid],
    };
    expect(armFit(input).chosen[0]!.side).toBe('right');
  });

  it('puts two arms on two sides, and never one arm twice', () => {
    const two = fit({}, [rigid, { ...rigid, id: 'other' }], { needed: 2 });
    expect(two.chosen.map(({ side: at }) => at)).toEqual(['left', 'right']);
    expect(new Set(two.chosen.map(({ armId }) => armId)).size).toBe(2);
    expect(fit({}, [rigid], { needed: 2 }).verdict).toBe('work');
    expect(fit({}, []).verdict).toBe('work');
  });

  it('does the same when the whole bike is turned', () => {
    fc.assert(
      fc.property(fc.integer({ min: -180, max: 90 }), (turn) => {
        const one = fit({ bladeDeg: 80 }, [rigid, adjustable]);
        const other = fit({ bladeDeg: 80 + turn, slotDeg: 270 + turn }, [rigid, adjustable]);
        expect(other.verdict).toBe(one.verdict);
        expect(other.chosen[0]!.clampAtMm).toBeCloseTo(one.chosen[0]!.clampAtMm, 6);
      }),
    );
  });

  it('refuses doubled ids and ranges that end before they begin', () => {
    expect(() => fit({}, [rigid, rigid])).toThrow(/arms.1.id/);
    expect(() => fit({ clampable: [{ fromMm: 90, toMm: 60 }] })).toThrow(/clampable.0.toMm/);
    expect(() => fit({}, [{ ...adjustable, linkMm: undefined }])).toThrow(/arms.0.linkMm/);
  });
});
