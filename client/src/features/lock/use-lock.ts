import type { FitReport } from '@cricket/core/fit';
import {
  torqueReaction,
  type TorqueArm,
  type TorqueReactionInput,
  type TorqueReactionResult,
} from '@cricket/core/torque-reaction';
import { useMemo, useState } from 'react';

/** What can be pushed to and fro; null stands for "as planned". */
export interface LockPlan {
  nutNm: number | null;
  armLengthMm: number | null;
  arms: 0 | 1 | 2 | null;
  /** Share of the motor's torque, by its phase current. */
  share: number;
}

const asPlanned: LockPlan = { nutNm: null, armLengthMm: null, arms: null, share: 1 };

const usualArm: TorqueArm = { lengthMm: 90, thicknessMm: 6, grade: 'hard', fitClearanceMm: 0.1, clampOffsetMm: 0 };

/** The torque balance with what is pushed, answering at once. */
export function useLock(fit: FitReport | null) {
  const [plan, setPlan] = useState<LockPlan>(asPlanned);
  const planned = fit?.torqueInput ?? null;
  const input = useMemo(() => planned && withPlan(planned, plan), [planned, plan]);
  const result = useMemo((): TorqueReactionResult | null => input && torqueReaction(input), [input]);
  return {
    plan,
    input,
    result,
    changed: plan !== asPlanned,
    set: (change: Partial<LockPlan>) => setPlan({ ...plan, ...change }),
    reset: () => setPlan(asPlanned),
  };
}

/** The input with other nuts, arms and current. */
export function withPlan(
  input: TorqueReactionInput,
  { nutNm, armLengthMm, arms, share }: LockPlan,
): TorqueReactionInput {
  const own = [...input.sides.left.arms, ...input.sides.right.arms];
  const arm = { ...(own[0] ?? usualArm), ...(armLengthMm !== null && { lengthMm: armLengthMm }) };
  const first = input.sides.right.arms.length > input.sides.left.arms.length ? 'right' : 'left';
  const armsAt = (side: 'left' | 'right'): TorqueArm[] => {
    const lengthened = input.sides[side].arms.map((one) => ({
      ...one,
      ...(armLengthMm !== null && { lengthMm: armLengthMm }),
    }));
    if (arms === null) return lengthened;
    if (arms === 2 || (arms === 1 && side === first)) return [lengthened[0] ?? arm];
    return [];
  };
  const side = (name: 'left' | 'right') => ({
    ...input.sides[name],
    nutTorqueNm: nutNm ?? input.sides[name].nutTorqueNm,
    arms: armsAt(name),
  });
  return { ...input, peakTorqueNm: input.peakTorqueNm * share, sides: { left: side('left'), right: side('right') } };
}
