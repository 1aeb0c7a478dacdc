import { withLimits, type Limits } from '../limits';
import type { PartKind } from '../part-kinds';
import { wantedName } from '../parts';
import { toolCosts } from '../tools';
import type { FitInput, ShoppingGroup, ShoppingLine, ToolNeed } from './contract';
import type { ToolAsked, Wanted } from './judges/judge';

/** How a kind of part is called in the workshop's limits. */
const limitNames = {
  plain: 'Washer',
  tabbed: 'TabbedWasher',
  'c-washer': 'CWasher',
  'lock-plate': 'LockPlate',
  'rotor-shim': 'RotorShim',
  'caliper-shim': 'CaliperShim',
  arm: 'Arm',
  'rotor-bolt': 'RotorBolt',
  'caliper-bolt': 'CaliperBolt',
  rotor: 'Rotor',
  caliper: 'Caliper',
  spoke: 'Spoke',
  tyre: 'Tyre',
  'cassette-spacer': 'CassetteSpacer',
  cluster: 'Cluster',
  lever: 'Lever',
  shifter: 'Shifter',
  cable: 'Loom',
  kit: 'Other',
  motor: 'Other',
  nut: 'Other',
  controller: 'Other',
  charger: 'Other',
  display: 'Other',
  throttle: 'Other',
  sensor: 'Other',
  battery: 'Other',
  tube: 'Other',
  'rim-tape': 'Other',
  liner: 'Other',
  other: 'Other',
} as const satisfies Record<PartKind, string>;

const groups: readonly ShoppingGroup[] = ['kit', 'battery', 'small-parts'];

/** What a part of this kind costs and how long it takes, as the workshop has it. */
export function usualPrice(kind: PartKind, limits: Limits): Pick<ShoppingLine, 'costEach' | 'leadDays'> {
  const name = limitNames[kind];
  return { costEach: limits[`cost${name}`], leadDays: limits[`days${name}`] };
}

/** Everything to get before the work can begin: the kit, its battery, and what the fit lacks, each with its reason. */
export function shoppingList(wanted: readonly Wanted[], own: FitInput['limits']): ShoppingLine[] {
  const limits = withLimits(own);
  const lines = wanted.map(({ group = 'small-parts', part, count, reason, ...price }): ShoppingLine => ({
    group,
    part,
    what: wantedName(part),
    count,
    reason,
    ...usualPrice(part.kind, limits),
    ...price,
  }));
  return groups.flatMap((group) => lines.filter((line) => line.group === group));
}

/** The tools that this work needs: on hand, to buy, or to borrow. */
export function toolNeeds(
  asked: readonly ToolAsked[],
  { tools, limits }: Pick<FitInput, 'tools' | 'limits'>,
): ToolNeed[] {
  const { borrowFrom } = withLimits(limits);
  const onHand = new Set<string>(tools ?? []);
  return asked.map(({ tool, reason }) => {
    const cost = toolCosts[tool];
    const how = onHand.has(tool) ? 'have' : cost > borrowFrom ? 'borrow' : 'buy';
    return { tool, reason, how, cost: how === 'buy' ? cost : 0 };
  });
}

/** Money and days for the list, with the tools to buy. */
export function totals(lines: readonly ShoppingLine[], toolCost: number): { cost: number; leadDays: number } {
  return {
    cost: Math.round(100 * (lines.reduce((sum, { count, costEach }) => sum + count * costEach, 0) + toolCost)) / 100,
    leadDays: Math.max(0, ...lines.map(({ leadDays }) => leadDays)),
  };
}
