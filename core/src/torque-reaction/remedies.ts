import { said, type Said } from '../said';
import { withLimits, type Limits } from '../limits';
import { worstOf, type Verdict } from '../verdict';
import { balanceOf } from './balance';
import type { TorqueArm, TorqueReactionInput, TorqueRemedy } from './contract';
import { capsNm, ruleFindings, twoArmsReasons } from './judge';
import { nutMostNm } from './nut';

const sides = ['left', 'right'] as const;

/** What a workshop usually has or can get. */
const usualArms: readonly TorqueArm[] = [
  { lengthMm: 90, thicknessMm: 6, grade: 'mild', fitClearanceMm: 0.1, clampOffsetMm: 0 },
  { lengthMm: 90, thicknessMm: 6, grade: 'hard', fitClearanceMm: 0.1, clampOffsetMm: 0 },
  { lengthMm: 90, thicknessMm: 4, grade: 'hard', fitClearanceMm: 0.1, clampOffsetMm: 0 },
];

/** Play of a hole that counts as a close fit, in mm. */
const closeFitMm = 0.1;

/** Most sets that are told. */
const mostTold = 6;

interface Action {
  remedy: Said;
  /** Actions of one family exclude one another. */
  family: string;
  apply: (input: TorqueReactionInput) => TorqueReactionInput;
}

/**
 * Sets of one or two actions that make the fit hold, shortest first. A set with an action that is enough alone is left out.
 */
export function torqueRemedies(input: TorqueReactionInput, limits: Limits): TorqueRemedy[] {
  const actions = possibleActions(input, limits);
  const found: TorqueRemedy[] = [];
  const enough = new Set<Action>();
  for (const action of actions) {
    const remedy = reached([action.remedy], action.apply(input), limits);
    if (!remedy) continue;
    enough.add(action);
    found.push(remedy);
  }
  const turnedDown = withLessCurrent([], input, limits);
  if (turnedDown) found.push(turnedDown);
  const rest = actions.filter((action) => !enough.has(action));
  rest.forEach((one, at) => {
    for (const two of rest.slice(at + 1)) {
      if (two.family === one.family) continue;
      const remedy = reached([one.remedy, two.remedy], two.apply(one.apply(input)), limits);
      if (remedy) found.push(remedy);
    }
    const less = turnedDown ? null : withLessCurrent([one.remedy], one.apply(input), limits);
    if (less) found.push(less);
  });
  return found.slice(0, mostTold);
}

/** The verdict without looking for remedies: `work` also where one may be needed. For ranking many ways quickly. */
export function torqueHolds(input: TorqueReactionInput): Verdict {
  const limits = withLimits(input.limits);
  return worstOf(ruleFindings(input, balanceOf(input, limits), limits).map(({ verdict }) => verdict));
}

/** Whether everything holds now: sums, arms and caps, with nothing that stops. */
export function holds(input: TorqueReactionInput, limits: Limits): boolean {
  const rules = ruleFindings(input, balanceOf(input, limits), limits);
  return rules.every(({ id, verdict }) => verdict === 'goes' || (verdict === 'work' && bearable(id)));
}

/** `work` that is done by hand and leaves the sums as they are. */
function bearable(id: string): boolean {
  return id === 'approval' || id === 'torque-cap' || id.startsWith('arm-plane');
}

function reached(actions: Said[], input: TorqueReactionInput, limits: Limits): TorqueRemedy | null {
  if (!holds(input, limits)) return null;
  const balance = balanceOf(input, limits);
  const rules = ruleFindings(input, balance, limits);
  return {
    actions,
    verdict: rules.some(({ verdict }) => verdict === 'work') ? 'work' : 'goes',
    safety: balance.safety,
    safetySlack: balance.safetySlack,
  };
}

function possibleActions(input: TorqueReactionInput, limits: Limits): Action[] {
  return [...addArms(input), ...swapArms(input), ...closerArms(input), ...tighterNuts(input, limits)];
}

function tighterNuts(input: TorqueReactionInput, limits: Limits): Action[] {
  const most = (side: 'left' | 'right') => nutMostNm(input.axle.threadMm, input.sides[side], limits);
  if (sides.every((side) => input.sides[side].nutTorqueNm >= most(side))) return [];
  return [
    {
      remedy:
        most('left') === most('right')
          ? said('torque-reaction.tighten-nuts-to', { aim: most('left') })
          : said('torque-reaction.tighten-nuts-each', { left: most('left'), right: most('right') }),
      family: 'nuts',
      apply: (now) => ({
        ...now,
        sides: {
          left: { ...now.sides.left, nutTorqueNm: most('left') },
          right: { ...now.sides.right, nutTorqueNm: most('right') },
        },
      }),
    },
  ];
}

function armsOf(input: TorqueReactionInput): readonly TorqueArm[] {
  return input.armsOnHand ?? usualArms;
}

/** Whether an arm of this thickness leaves the nut its thread, in the place of one that comes off. */
function leavesThread(input: TorqueReactionInput, side: 'left' | 'right', arm: TorqueArm): boolean {
  const { threadLeftMm, arms } = input.sides[side];
  if (threadLeftMm === undefined) return true;
  const freed = arms.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0);
  return arm.thicknessMm <= threadLeftMm + freed + 1e-9;
}

function addArms(input: TorqueReactionInput): Action[] {
  return sides.flatMap((side) =>
    input.sides[side].arms.length > 0
      ? []
      : armsOf(input)
          .filter((arm) => leavesThread(input, side, arm))
          .map((arm) => ({
            remedy: said('torque-reaction.add-arm', { arm: armWords(arm), side }),
            family: `arm-${side}`,
            apply: (now: TorqueReactionInput) => withArms(now, side, [arm]),
          })),
  );
}

function swapArms(input: TorqueReactionInput): Action[] {
  return sides.flatMap((side) =>
    input.sides[side].arms.length === 0
      ? []
      : armsOf(input)
          .filter((arm) => input.sides[side].arms.every((own) => differs(arm, own)) && leavesThread(input, side, arm))
          .map((arm) => ({
            remedy: said('torque-reaction.swap-arm', { arm: armWords(arm), side }),
            family: `arm-${side}`,
            apply: (now: TorqueReactionInput) => withArms(now, side, [arm]),
          })),
  );
}

function closerArms(input: TorqueReactionInput): Action[] {
  const loose = sides.some((side) => input.sides[side].arms.some(({ fitClearanceMm }) => fitClearanceMm > closeFitMm));
  if (!loose) return [];
  const closer = (arm: TorqueArm): TorqueArm => ({ ...arm, fitClearanceMm: Math.min(closeFitMm, arm.fitClearanceMm) });
  return [
    {
      remedy: said('torque-reaction.take-arms-whose-hole-is-at', { closeFitMm }),
      family: 'closer',
      apply: (now) => sides.reduce((next, side) => withArms(next, side, next.sides[side].arms.map(closer)), now),
    },
  ];
}

function withArms(input: TorqueReactionInput, side: 'left' | 'right', arms: TorqueArm[]): TorqueReactionInput {
  return { ...input, sides: { ...input.sides, [side]: { ...input.sides[side], arms } } };
}

function differs(one: TorqueArm, other: TorqueArm): boolean {
  return (
    one.grade !== other.grade ||
    one.lengthMm !== other.lengthMm ||
    one.thicknessMm !== other.thicknessMm ||
    one.fitClearanceMm !== other.fitClearanceMm
  );
}

function armWords({ grade, thicknessMm, lengthMm }: TorqueArm): Said {
  return said('torque-reaction.arm', { grade, thicknessMm, lengthMm });
}

/** Turns the motor down just as far as it takes, within what the workshop allows. */
function withLessCurrent(actions: Said[], input: TorqueReactionInput, limits: Limits): TorqueRemedy | null {
  const torque = input.peakTorqueNm;
  if (torque <= 0) return null;
  const { safety, safetySlack, shares } = balanceOf(input, limits);
  const least = input.end === 'front' ? limits.safetyFront : limits.safetyRear;
  const { goesNm } = capsNm(input, limits);
  const bearingArms = shares.filter(({ element, takesPart }) => element === 'arm' && takesPart).length;
  const armsByTorque = bearingArms < 2 && twoArmsReasons({ ...input, peakTorqueNm: 0 }, limits).length === 0;
  const wanted = Math.min(
    (torque * safety) / least,
    (torque * safetySlack) / limits.safetySlack,
    goesNm > 0 ? goesNm : Infinity,
    armsByTorque ? limits.twoArmsFromNm : Infinity,
  );
  if (!Number.isFinite(wanted) || wanted >= torque || wanted < limits.phaseCutShare * torque) return null;
  const share = Math.floor((100 * wanted) / torque) / 100;
  const words =
    input.phaseA === undefined
      ? said('torque-reaction.turn-phase-current-down-to', { share: Math.round(share * 100) })
      : said('torque-reaction.turn-phase-current-down-to-2', { share: Math.floor(share * input.phaseA) });
  return reached([...actions, words], { ...input, peakTorqueNm: share * torque }, limits);
}
