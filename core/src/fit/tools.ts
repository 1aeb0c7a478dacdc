import { withLimits } from '../limits';
import type { FitInput, FitReport, ToolNeed } from './contract';

interface Tool {
  tool: string;
  reason: string;
  /** What it costs [J]. */
  cost: number;
  when: (input: FitInput, report: Pick<FitReport, 'slots' | 'rotor' | 'gears' | 'arms'>) => boolean;
}

const filed: Tool['when'] = (_, { slots }) => (slots.left.fileMm ?? 0) > 0 || (slots.right.fileMm ?? 0) > 0;

const cupsComeOut: Tool['when'] = ({ bike }) => bike.job?.sensor === 'under-cup' || bike.job?.sensor === 'torque-shell';
const crankComesOff: Tool['when'] = (input, report) =>
  input.bike.job?.sensor === 'ring-under-crank' || cupsComeOut(input, report);

/** In the order of the work. */
const tools: readonly Tool[] = [
  { tool: 'Calipers', reason: 'to measure', cost: 30, when: () => true },
  { tool: 'Flat file and metal cutters’ oil', reason: 'to file the slots evenly', cost: 14, when: filed },
  { tool: 'Spanner 18 mm', reason: 'for M12 axle nuts', cost: 12, when: ({ wheel }) => wheel.axle.threadMm < 13 },
  { tool: 'Spanner 21 mm', reason: 'for M14 axle nuts', cost: 14, when: ({ wheel }) => wheel.axle.threadMm >= 13 },
  { tool: 'Torque wrench 20–80 N·m', reason: 'for the axle nuts', cost: 65, when: () => true },
  { tool: 'Torque wrench 2–15 N·m', reason: 'for rotor, caliper, arm and bar', cost: 70, when: () => true },
  { tool: 'Tyre levers and pump with gauge', reason: 'for the tyre', cost: 35, when: () => true },
  { tool: 'T25 driver', reason: 'for the rotor bolts', cost: 6, when: (_, { rotor }) => rotor !== null },
  {
    tool: 'Freewheel remover',
    reason: 'to move the sprockets over',
    cost: 12,
    when: ({ facts }) => facts.words.get('cluster') === 'freewheel',
  },
  {
    tool: 'Chain whip and lock-ring tool',
    reason: 'to move the sprockets over',
    cost: 28,
    when: ({ facts }) => facts.words.get('cluster') === 'cassette',
  },
  {
    tool: 'Spoke key and tension gauge',
    reason: 'to lace and true',
    cost: 80,
    when: ({ wheel }) => !!wheel.kit && !wheel.kit.rim,
  },
  { tool: 'Multimeter', reason: 'to measure the pack before anything is plugged in', cost: 25, when: () => true },
  { tool: 'Crank puller', reason: 'the crank comes off for this pedal sensor', cost: 18, when: crankComesOff },
  { tool: 'Cup tool', reason: 'the cups come out for this pedal sensor', cost: 32, when: cupsComeOut },
  { tool: 'Pin remover', reason: 'to take pins out of the plug', cost: 9, when: () => false },
];

/** The tools that this work needs: on hand, to buy, or to borrow. */
export function toolNeeds(
  input: FitInput,
  report: Pick<FitReport, 'slots' | 'rotor' | 'gears' | 'arms' | 'findings'>,
): ToolNeed[] {
  const { borrowFrom } = withLimits(input.limits);
  const onHand = new Set(input.tools ?? []);
  const pins = report.findings.some(({ id, verdict }) => id === 'plug' && verdict !== 'goes');
  return tools
    .filter(({ tool, when }) => when(input, report) || (pins && tool === 'Pin remover'))
    .map(({ tool, reason, cost }) => ({
      tool,
      reason,
      how: onHand.has(tool) ? 'have' : cost > borrowFrom ? 'borrow' : 'buy',
      cost: onHand.has(tool) || cost > borrowFrom ? 0 : cost,
    }));
}

/** Every tool that a workshop can have on hand. */
export const knownTools: readonly string[] = tools.map(({ tool }) => tool);
