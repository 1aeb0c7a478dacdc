import { said, type Said } from '../said';
import { withLimits } from '../limits';
import type { KnownTool } from '../tools';
import type { FitInput, FitReport, ToolNeed } from './contract';

interface Tool {
  tool: KnownTool;
  reason: Said;
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
  { tool: 'Calipers', reason: said('fit.to-measure'), cost: 30, when: () => true },
  { tool: 'Flat file and metal cutters’ oil', reason: said('fit.to-file-slots-evenly'), cost: 14, when: filed },
  {
    tool: 'Spanner 18 mm',
    reason: said('fit.for-m12-axle-nuts'),
    cost: 12,
    when: ({ wheel }) => wheel.axle.threadMm < 13,
  },
  {
    tool: 'Spanner 21 mm',
    reason: said('fit.for-m14-axle-nuts'),
    cost: 14,
    when: ({ wheel }) => wheel.axle.threadMm >= 13,
  },
  { tool: 'Torque wrench 20–80 N·m', reason: said('fit.for-axle-nuts'), cost: 65, when: () => true },
  { tool: 'Torque wrench 2–15 N·m', reason: said('fit.for-rotor-caliper-arm-and-bar'), cost: 70, when: () => true },
  { tool: 'Tyre levers and pump with gauge', reason: said('fit.for-tyre'), cost: 35, when: () => true },
  { tool: 'T25 driver', reason: said('fit.for-rotor-bolts'), cost: 6, when: (_, { rotor }) => rotor !== null },
  {
    tool: 'Freewheel remover',
    reason: said('fit.to-move-sprockets-over'),
    cost: 12,
    when: ({ facts }) => facts.words.get('cluster') === 'freewheel',
  },
  {
    tool: 'Chain whip and lock-ring tool',
    reason: said('fit.to-move-sprockets-over'),
    cost: 28,
    when: ({ facts }) => facts.words.get('cluster') === 'cassette',
  },
  {
    tool: 'Spoke key and tension gauge',
    reason: said('fit.to-lace-and-true'),
    cost: 80,
    when: ({ wheel }) => !!wheel.kit && !wheel.kit.rim,
  },
  { tool: 'Multimeter', reason: said('fit.to-measure-pack-before-anything-is'), cost: 25, when: () => true },
  { tool: 'Crank puller', reason: said('fit.crank-comes-off-for-this-pedal'), cost: 18, when: crankComesOff },
  { tool: 'Cup tool', reason: said('fit.cups-come-out-for-this-pedal'), cost: 32, when: cupsComeOut },
  { tool: 'Pin remover', reason: said('fit.to-take-pins-out-of-plug'), cost: 9, when: () => false },
];

/** The tools that this work needs: on hand, to buy, or to borrow. */
export function toolNeeds(
  input: FitInput,
  report: Pick<FitReport, 'slots' | 'rotor' | 'gears' | 'arms' | 'findings'>,
): ToolNeed[] {
  const { borrowFrom } = withLimits(input.limits);
  const onHand = new Set<string>(input.tools ?? []);
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
