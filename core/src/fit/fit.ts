import { said, saidKey } from '../said';
import type { ArmFitResult, ArmPlacement } from '../arm-fit';
import { axleStack, possibleStacks, type AllowsShims, type AxleStackInput } from '../axle-stack';
import type { EndAdapterResult } from '../end-adapter';
import {
  endFit,
  outsideChoices,
  stackInput,
  tabsInside,
  tabWays,
  type EndFit,
  type OutsidePart,
  type SolvedStack,
  type TabPlace,
  type TabWay,
} from '../end-fit';
import { isCarbon, type Side } from '../features';
import type { MotorTorqueResult } from '../motor-torque';
import { withLimits } from '../limits';
import { withOverrides } from '../overrides';
import type { SlotFitResult } from '../slot-fit';
import { torqueHolds, torqueReaction } from '../torque-reaction';
import { severity, finding, worstFirst, worstOf, type Verdict } from '../verdict';
import { adapted, type Adapted } from './adapter';
import { armParts, armsAt, armSets } from './judges/arms';
import { checksWith } from './judges/checks';
import type { FitFinding, FitInput, FitReport } from './contract';
import { extraParts } from './judges/extras';
import { gearsWith } from './judges/gears';
import { judgedBy, toolsBy, wantedBy } from './judges/register';
import type { BrakeFacts, Solved } from './judges/solved';
import { leftOverParts } from './left-over';
import { shoppingList, toolNeeds, totals } from './shopping';
import { nextReadings } from './measure-next';
import { planTime } from './plan-time';
import { brakeFacts, rotorWith, shimRules } from './judges/rotor';
import { withPack } from './judges/pack';
import { kitTorque, torqueInput } from './judges/torque';
import { tyreWith } from './judges/tyre';

/**
 * Everything of one kit at one end of one bike, solved jointly before anything is ordered.
 *
 * Arms, extras and C-washers outside the dropouts, washers inside, rotor and caliper shims are chosen together: every
 * set of arms that can be put on is tried with every rule for the shims, strictest first, and the way whose bolts,
 * caliper, fork leg, arms, thread and torque are judged best is taken; of equals the one with the cheapest stack. The rest
 * (gears, tyre, brakes at the new mass, climb, law, cost) follows from it.
 *
 * @param input - readings of the end, take-in, the kit, stores, tools, limits
 * @returns verdict, findings worst first, every calculator's answer, shopping list, tools, time, what to measure next
 */
export function fit(asked: FitInput): FitReport {
  return adapted(withPack(withApproval(asked)))
    .map(fitBuiltUp)
    .reduce(better);
}

/** What an extender counts for beside washers: as much as one of them. */
const extenderCost = 0.3;

/** Of two ways to build a hub up the one that is judged better; of equals the one with the cheaper washers. */
function better(best: FitReport, next: FitReport): FitReport {
  const worse = severity[next.verdict] - severity[best.verdict];
  if (worse !== 0) return worse < 0 ? next : best;
  const [known, found] = [stackCost(best), stackCost(next)];
  return found < known ? next : best;
}

/** What the washers of a fit cost, and one washer's worth for each extender; nothing is dearer than no stack at all. */
function stackCost({ stack, adapter }: FitReport): number {
  const extenders = [adapter?.build?.left.extender, adapter?.build?.right.extender].filter(Boolean).length;
  return (stack?.stacks[0]?.cost ?? Infinity) + extenders * extenderCost;
}

function fitBuiltUp({ input, adapter }: Adapted): FitReport {
  const motor = kitTorque(input);
  const chosen: Chosen = { arms: null, placements: [], brake: brakeFacts(input) };
  const axle = endFit(input, (_, slots, twoArms) => {
    const two = twoArms || (motor?.peakTorqueNm ?? 0) > withLimits(input.limits).twoArmsFromNm;
    const solved = solveJointly(input, slots, two ? 2 : 1, motor, chosen);
    chosen.twoArms = two;
    return solved;
  });
  const twoArms = chosen.twoArms ?? axle.twoArms;
  return report(input, { ...axle, twoArms }, motor, chosen, adapter);
}

/** What the maker has allowed stands with the bike; every rule of the end looks for it there. */
function withApproval(input: FitInput): FitInput {
  const approval = input.approval ?? input.bike.approvals?.[input.facts.end];
  return approval ? { ...input, approval } : input;
}

interface Chosen {
  arms: ArmFitResult | null;
  placements: ArmPlacement[];
  brake: BrakeFacts | null;
  twoArms?: boolean;
}

interface Way {
  outside: Record<Side, OutsidePart[]>;
  placements: ArmPlacement[];
  tabs: Record<Side, TabPlace>;
}

/**
 * The best way over all places of the tabs, all sets of arms and all rules for the shims. Another place for the tabs is only
 * looked at where the preferred one stops.
 */
function solveJointly(
  input: FitInput,
  slots: Record<Side, SlotFitResult>,
  needed: 1 | 2,
  motor: MotorTorqueResult | null,
  chosen: Chosen,
): SolvedStack | null {
  chosen.arms = armsAt(input, slots, needed);
  const bare = stackInput(input, slots, { left: [], right: [] });
  if (!bare) return null;
  const rules: (AllowsShims | undefined)[] = chosen.brake ? shimRules(input, chosen.brake) : [undefined];
  let best: { solved: SolvedStack; way: Way; rank: number } | null = null;
  let first: { data: AxleStackInput; way: Way } | null = null;
  const tabs = tabWays(input, bare.washers, input.bike.job?.tabs);
  // Without any tab on hand the way with tabs still says what to buy.
  for (const [order, tab] of [...tabs, tabsInside].entries()) {
    if (!tabsMayBe(tab, motor, input)) continue;
    for (const [place, way] of waysOutside(input, slots, needed, chosen.arms, tab).entries()) {
      const data = stackInput(input, slots, way.outside, way.tabs);
      if (!data) return null;
      first ??= { data, way };
      for (const [strictness, allows] of rules.entries()) {
        const stack = possibleStacks(data, allows);
        if (!stack) continue;
        const solved = { stack, input: data, outside: way.outside, tabs: way.tabs };
        const rank =
          rankOf(input, solved, slots, way, motor, chosen.brake) + 100 * order + 10 * Math.min(9, place) + strictness;
        if (!best || rank < best.rank) best = { solved, way, rank };
        // A stricter rule already found the stack that a looser one could only make worse.
        break;
      }
      // Nothing that comes later in the order of preference can beat a way on which all goes.
      if (best && best.rank < 10_000) break;
    }
    if (best && best.rank < 30_000) break;
  }
  if (best) {
    chosen.placements = best.way.placements;
    return best.solved;
  }
  // Nothing holds: the preferred way says which limit forbids it and what would help.
  return first && { stack: axleStack(first.data), input: first.data, outside: first.way.outside, tabs: first.way.tabs };
}

/** Two bare sides are no way for a motor that turns them loose: then a tab is bought. */
function tabsMayBe({ places }: TabWay, motor: MotorTorqueResult | null, { facts, limits }: FitInput): boolean {
  if (facts.kind === 'closed') return true;
  const bare = places.left === 'none' && places.right === 'none';
  return !bare || (motor !== null && motor.peakTorqueNm <= withLimits(limits).tabsFromNm);
}

/** Worst verdict of stack, rotor and torque; under 10,000 when all goes. */
function rankOf(
  input: FitInput,
  { stack }: SolvedStack,
  slots: Record<Side, SlotFitResult>,
  { placements }: Way,
  motor: MotorTorqueResult | null,
  brake: BrakeFacts | null,
): number {
  const best = stack.stacks[0]!;
  const verdicts: Verdict[] = [best.verdict];
  if (brake) verdicts.push(rotorWith(input, brake, best).verdict);
  if (motor) {
    const torque = torqueInput(input, slots, placements, motor.peakTorqueNm, best);
    if (torque) verdicts.push(torqueHolds(torque));
  }
  return 10_000 * Math.max(...verdicts.map((verdict) => severity[verdict]));
}

/** Parts outside on each side, from the dropout outwards: tab or plate, C-washer, what lives on the axle, spacer, arm. */
function waysOutside(
  input: FitInput,
  slots: Record<Side, SlotFitResult>,
  needed: 1 | 2,
  arms: ArmFitResult | null,
  tab: TabWay,
): Way[] {
  const tabs = tab.places;
  const beside = (outside: Record<Side, OutsidePart[]>): Record<Side, OutsidePart[]> => ({
    left: [...tab.outside.left, ...outside.left],
    right: [...tab.outside.right, ...outside.right],
  });
  if (!arms) {
    return outsideChoices(input, slots, needed === 2).map((outside) => ({
      outside: beside(outside),
      placements: [],
      tabs,
    }));
  }
  const at = (side: Side, placements: readonly ArmPlacement[]): OutsidePart[] => {
    const { cWasher } = slots[side];
    return [
      ...(cWasher
        ? [
            {
              id: `c-washer-${cWasher.outerMm}x${cWasher.thicknessMm}`,
              kind: 'c-washer' as const,
              thicknessMm: cWasher.thicknessMm,
            },
          ]
        : []),
      ...extraParts(input.facts, side),
      ...armParts(placements, side),
    ];
  };
  return armSets(arms, needed).map((placements) => ({
    placements,
    tabs,
    outside: beside({ left: at('left', placements), right: at('right', placements) }),
  }));
}

function report(
  input: FitInput,
  axle: EndFit,
  motor: MotorTorqueResult | null,
  chosen: Chosen,
  adapter: EndAdapterResult | null,
): FitReport {
  const { facts, wheel } = input;
  const carbon = isCarbon(facts);
  const best = axle.stack?.stacks[0] ?? null;
  const torqueData =
    motor && !carbon ? torqueInput(input, axle.slots, chosen.placements, motor.peakTorqueNm, best) : null;
  const torque = torqueData && torqueReaction(torqueData);
  const rotor = chosen.brake && best ? rotorWith(input, chosen.brake, best) : null;
  const gears = gearsWith(input, axle);
  const tyre = tyreWith(input);
  const checks = checksWith(input, axle, motor);
  const arms = chosen.arms && { ...chosen.arms, chosen: chosen.placements };
  const solved: Solved = {
    input,
    axle,
    adapter,
    motor,
    torque,
    arms: { found: chosen.arms, chosen: chosen.placements },
    brake: chosen.brake,
    rotor,
    gears,
    tyre,
    checks,
  };
  const findings = worstFirst(judgedBy(solved, !carbon)) as FitFinding[];
  const parts = { ...axle, findings, rotor, arms, gears };
  const shopping = carbon ? [] : shoppingList(wantedBy(solved, findings), input.limits);
  const tools = carbon ? [] : toolNeeds(toolsBy(solved, findings), input);
  const sums = totals(
    shopping,
    tools.reduce((sum, { cost }) => sum + cost, 0),
  );
  const judged = [...findings, ...budgetFinding(input, sums.cost)];
  const all = toldOnce(worstFirst(withOverrides(judged, input.overrides)) as FitFinding[]);
  return {
    ...axle,
    verdict: worstOf(all.map(({ verdict }) => verdict)),
    findings: all,
    wheel,
    adapter,
    motor,
    torqueInput: torqueData,
    torque,
    arms,
    rotor,
    gears,
    tyre: tyre?.result ?? null,
    checks,
    shopping,
    ...sums,
    tools,
    leftOver: carbon ? [] : leftOverParts(input, parts, tyre),
    ...(carbon
      ? { minutes: 0, slowMinutes: 0 }
      : planTime([{ input, fitted: { ...parts, wheel, adapter, torqueInput: torqueData, findings: all } }])),
    measureNext: carbon ? [] : nextReadings(input, axle),
  };
}

/** Two judges may say the same sentence of one thing, such as its maker's word: it is said once. */
function toldOnce(findings: readonly FitFinding[]): FitFinding[] {
  const said = new Set<string>();
  return findings.filter(({ verdict, because }) => {
    const sentence = `${verdict} ${saidKey(because)}`;
    return !said.has(sentence) && said.add(sentence);
  });
}

/** Money is judged last: what a fit costs follows from what every other judge says. */
function budgetFinding({ bike }: FitInput, cost: number): FitFinding[] {
  if (bike.budget === undefined) return [];
  const over = cost > bike.budget;
  const item = finding(
    'budget',
    over ? 'work' : 'goes',
    over
      ? said('fit.kit-battery-parts-and-tools-come', { cost, budget: bike.budget })
      : said('fit.kit-battery-parts-and-tools-come-to', { cost, budget: bike.budget }),
    { measured: cost, limit: bike.budget, margin: bike.budget - cost, unit: '' },
    over ? [said('fit.ask-rider-or-take-smaller-kit')] : [],
  );
  return [{ ...item, area: 'cost' }];
}
