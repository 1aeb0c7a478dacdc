import { torqueReaction, type TorqueReactionInput } from '@cricket/core/torque-reaction';

import { withPlan } from './use-lock';

const side = {
  material: 'steel',
  slotMm: 10.1,
  plateMm: 4.5,
  nutTorqueNm: 40,
  faceDiameterMm: 20,
  filedMm: 0,
  arms: [],
} as const;
const arm = { lengthMm: 90, thicknessMm: 6, grade: 'mild', fitClearanceMm: 0.1, clampOffsetMm: 0 } as const;
const input: TorqueReactionInput = {
  end: 'front',
  peakTorqueNm: 35,
  regen: false,
  axle: { threadMm: 12, flatsMm: 10 },
  sides: { left: { ...side, arms: [] }, right: { ...side, arms: [arm] } },
};
const plan = { nutNm: null, armLengthMm: null, arms: null, share: 1 } as const;

describe('what is pushed on the lock page', () => {
  it('leaves the plan as it is until something is pushed', () => {
    expect(withPlan(input, plan)).toEqual(input);
  });

  it('takes off and adds arms on the side that has one first', () => {
    const count = (arms: 0 | 1 | 2) => {
      const { left, right } = withPlan(input, { ...plan, arms }).sides;
      return [left.arms.length, right.arms.length];
    };
    expect([count(0), count(1), count(2)]).toEqual([
      [0, 0],
      [0, 1],
      [1, 1],
    ]);
  });

  it('answers like the calculator', () => {
    const loose = torqueReaction(withPlan(input, { ...plan, nutNm: 20, share: 0.8 }));
    expect(loose.safetySlack).toBeCloseTo(torqueReaction(input).safetySlack / 0.8, 9);
    expect(loose.frictionNm).toBeCloseTo(torqueReaction(input).frictionNm / 2, 9);
    expect(torqueReaction(withPlan(input, { ...plan, nutNm: 60 })).verdict).toBe('stop');
  });
});
