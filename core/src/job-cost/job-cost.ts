import { toolName } from '../tools';
import type { Costed, CostLine, CostTable, GoodsGroup } from './contract';

/** What an hour of work costs until the workshop says otherwise, in its currency [J]. */
export const usualHourlyRate = 60;

/**
 * What a conversion costs: kit, battery, small parts, tools to buy, and the hours.
 *
 * @param ends - what has to be got for each end that gets a motor; a tool that both need is counted once
 * @param time - hands-on minutes of the whole job
 * @param hourlyRate - what an hour of work costs, in the workshop's currency
 * @example costTable([{ shopping: [], tools: [] }], { minutes: 90, slowMinutes: 120 }, 60).total // 90
 */
export function costTable(
  ends: readonly Costed[],
  time: Pick<CostTable, 'minutes' | 'slowMinutes'>,
  hourlyRate: number = usualHourlyRate,
): CostTable {
  const lines = [...ends.flatMap(({ shopping }) => shopping.map(lineOf)), ...toolLines(ends)];
  const sumOf = (group: GoodsGroup) =>
    cents(lines.reduce((sum, line) => sum + (line.group === group ? line.cost : 0), 0));
  const sums = {
    kit: sumOf('kit'),
    battery: sumOf('battery'),
    'small-parts': sumOf('small-parts'),
    tools: sumOf('tools'),
  };
  const goods = cents(Object.values(sums).reduce((sum, each) => sum + each, 0));
  const work = (minutes: number) => cents((hourlyRate * minutes) / 60);
  const [labour, slowLabour] = [work(time.minutes), work(time.slowMinutes)];
  return {
    lines,
    sums,
    goods,
    minutes: time.minutes,
    slowMinutes: time.slowMinutes,
    hourlyRate,
    labour,
    slowLabour,
    total: cents(goods + labour),
    slowTotal: cents(goods + slowLabour),
  };
}

function lineOf({ group, what, count, costEach }: Costed['shopping'][number]): CostLine {
  return { group, what, count, costEach, cost: cents(count * costEach) };
}

function toolLines(ends: readonly Costed[]): CostLine[] {
  const tools = new Map(ends.flatMap((end) => end.tools.map((need) => [need.tool, need] as const)));
  return [...tools.values()].map(({ tool, how, cost }) => ({
    group: 'tools',
    what: toolName(tool),
    count: 1,
    costEach: cost,
    cost: cents(cost),
    how,
  }));
}

/** Whole cents: sums of money as they are paid. */
function cents(amount: number): number {
  return Math.round(100 * amount) / 100;
}
