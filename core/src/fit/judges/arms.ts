import { said } from '../../said';
import {
  armFit,
  chooseArms,
  placementFinding,
  type Arm,
  type ArmFitResult,
  type ArmPlacement,
  type ArmSide,
} from '../../arm-fit';
import type { EndFacts } from '../../end-facts';
import type { OutsidePart } from '../../end-fit';
import type { Side } from '../../features';
import type { ArmFacts, StoreItem, WantedPart } from '../../parts';
import type { SlotFitResult } from '../../slot-fit';
import type { TorqueArm } from '../../torque-reaction';
import { finding, type Finding } from '../../verdict';
import type { FitInput } from '../contract';
import { lengthOf, lengthsOf } from './readings';
import { judging, type Judge } from './judge';
import type { Solved } from './solved';

const sides = ['left', 'right'] as const;

/** An arm of the stores with what it is like. */
interface ArmOnHand {
  id: string;
  facts: ArmFacts;
  thicknessMm: number;
}

/** Arms of the stores for this axle, one entry a piece, at most two of a line. */
export function armsOnHand(stores: readonly StoreItem[], threadMm: number): ArmOnHand[] {
  return stores.flatMap((item) => {
    const facts = item.details?.arm;
    if (item.kind !== 'arm' || !facts || item.boreMm === null || Math.abs(item.boreMm - threadMm) > 0.5) return [];
    return Array.from({ length: Math.min(2, item.count) }, (_, piece) => ({
      id: piece === 0 ? item.id : `${item.id}#2`,
      facts,
      thicknessMm: item.thicknessMm,
    }));
  });
}

/** Where arms can be put on; null until blade and slot are measured. */
export function armsAt(input: FitInput, slots: Record<Side, SlotFitResult>, needed: 1 | 2): ArmFitResult | null {
  const { facts, wheel, stores } = input;
  const both = armSides(facts, wheel.cableExit, slots);
  if (!both) return null;
  const arms = armsOnHand(stores, wheel.axle.threadMm).map(asArm);
  return armFit({ sides: both, arms, needed, regen: wheel.regen, ...(input.limits && { limits: input.limits }) });
}

/**
 * Both sides for the arm's geometry. The blade is laid straight up; the rule laid along the slot passes `slot-line` mm from
 * its middle 100 mm up, and that gives the slot's direction.
 */
function armSides(facts: EndFacts, cableExit: Side, slots: Record<Side, SlotFitResult>): Record<Side, ArmSide> | null {
  const common = lengthsOf(facts, ['clamp-from', 'clamp-to', 'blade-width']);
  const slotLine = facts.kind === 'closed' ? 0 : lengthOf(facts, 'slot-line');
  const steps = lengthsOf(facts, ['blade-step.left', 'blade-step.right']);
  if (!common || slotLine === null || !steps) return null;
  // An arm bridges a recess: nobody knows how it lies until the recess is measured.
  const recesses = [facts.sides.left, facts.sides.right];
  if (facts.kind !== 'closed' && recesses.some(({ hasLip, lip }) => hasLip === null || (hasLip && lip === null))) {
    return null;
  }
  const leanDeg = (Math.atan2(slotLine, 100) * 180) / Math.PI;
  const side = (name: Side): ArmSide => {
    const lip = facts.sides[name].lip;
    return {
      slotDeg: 270 - leanDeg,
      bladeDeg: 90,
      clampable: [{ fromMm: common['clamp-from'], toMm: Math.max(common['clamp-from'], common['clamp-to']) }],
      blade: {
        nearAtMm: common['clamp-from'],
        nearMm: common['blade-width'],
        farAtMm: common['clamp-to'],
        farMm: common['blade-width'],
      },
      stepMm: steps[`blade-step.${name}`],
      // A C-washer fills the recess; without one the arm would bridge it.
      recessMm: lip && !slots[name].cWasher ? lip.depthMm : 0,
      cable: cableExit === name,
    };
  };
  return { left: side('left'), right: side('right') };
}

function asArm({ id, facts, thicknessMm }: ArmOnHand): Arm {
  return {
    id,
    kind: facts.kind,
    lengthMm: facts.lengthMm,
    ...(facts.linkMm !== null && { linkMm: facts.linkMm }),
    holeDeg: facts.holeDeg,
    ...(facts.stepDeg !== null && { stepDeg: facts.stepDeg }),
    thicknessMm,
    widthMm: facts.widthMm,
    offsetMm: facts.offsetMm,
    band: { fromMm: facts.bandFromMm, toMm: facts.bandToMm },
  };
}

/**
 * Sets of arms to try, the preferred first: as many as the rules ask for, then more, then fewer. A second arm on the shelf is
 * tried also where no rule asks for it: the balance may.
 */
export function armSets(fit: ArmFitResult, needed: 1 | 2): ArmPlacement[][] {
  const usable = fit.placements.filter(({ verdict }) => verdict !== 'stop');
  const bestAt = (side: Side) => usable.find((placement) => placement.side === side);
  const singles = usable.filter((placement) => placement === bestAt(placement.side)).map((one) => [one]);
  const pair = chooseArms(fit.placements, 2);
  const pairs = pair.length === 2 ? [pair] : [];
  return needed === 2 ? [...pairs, ...singles, []] : [...singles, ...pairs, []];
}

/** What is said of the arms that go on, and of those that are asked for and find no thread or no place. */
function armFindings(fit: ArmFitResult | null, placed: readonly ArmPlacement[], twoArms: boolean): Finding[] {
  if (!fit) return [];
  const needed = twoArms ? 2 : 1;
  const findings = placed.map(placementFinding);
  if (placed.length >= needed) return findings;
  // More could be clamped than there is thread for: then the thread is the reason.
  const clampable = chooseArms(fit.placements, needed).length;
  if (clampable <= placed.length) return [...findings, ...fit.findings.filter(({ id }) => id === 'arms')];
  return [
    ...findings,
    finding(
      'arms',
      'work',
      placed.length === 0 ? said('fit.arm-could-be-clamped-but-washers') : said('fit.two-arms-are-asked-for-washers'),
      { measured: placed.length, limit: needed, margin: placed.length - needed, unit: '' },
      [said('fit.get-thinner-arm-or-kit-with')],
    ),
  ];
}

/** What arms take of the thread, from the dropout outwards. */
export function armParts(arms: readonly ArmPlacement[], side: Side): OutsidePart[] {
  return arms
    .filter((arm) => arm.side === side)
    .flatMap((arm): OutsidePart[] => [
      ...(arm.spacerMm > 0
        ? [{ id: `spacer-${round(arm.spacerMm)}`, kind: 'spacer' as const, thicknessMm: round(arm.spacerMm) }]
        : []),
      { id: arm.armId, kind: 'arm', thicknessMm: round(arm.threadMm - arm.spacerMm) },
    ]);
}

/** The arms as the torque balance sees them. */
export function torqueArms(
  arms: readonly ArmPlacement[],
  stores: readonly StoreItem[],
  threadMm: number,
): Record<Side, TorqueArm[]> {
  const known = new Map(armsOnHand(stores, threadMm).map((arm) => [arm.id, arm]));
  const at = (side: Side) =>
    arms
      .filter((arm) => arm.side === side)
      .map((arm): TorqueArm => {
        const { facts, thicknessMm } = known.get(arm.armId)!;
        return {
          lengthMm: Math.max(20, arm.clampAtMm),
          thicknessMm,
          grade: facts.grade,
          fitClearanceMm: facts.fitClearanceMm,
          clampOffsetMm: arm.planeOffsetMm,
        };
      });
  return Object.fromEntries(sides.map((side) => [side, at(side)])) as Record<Side, TorqueArm[]>;
}

const round = (value: number): number => Math.round(value * 100) / 100;

export const armJudge: Judge = judging('arms', [], armsJudged, {
  shopping: ({ input, arms, axle }, amiss) => {
    const missing = arms.found ? (axle.twoArms ? 2 : 1) - arms.chosen.length : 0;
    if (missing <= 0) return [];
    const part: WantedPart = { kind: 'arm', spec: { threadMm: input.wheel.axle.threadMm } };
    return [{ part, count: missing, reason: amiss('arms')?.because ?? said('fit.arm-is-asked-for') }];
  },
});

function armsJudged({ arms, axle }: Solved): Finding[] {
  return armFindings(arms.found, arms.chosen, axle.twoArms);
}
