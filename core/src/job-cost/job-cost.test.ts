import fc from 'fast-check';

import { asWritten } from '../said';
import { fit } from '../fit';
import { invented } from '../fit/invented.testing';
import { matchEach, isJudged } from '../match';
import { costTable } from './job-cost';

const reason = asWritten('');
const shopping = [
  { group: 'kit', what: asWritten('Kit FW-1'), count: 1, reason, costEach: 380, leadDays: 9 },
  { group: 'battery', what: asWritten('Battery 420 Wh'), count: 1, reason, costEach: 310.5, leadDays: 9 },
  { group: 'small-parts', what: asWritten('Rotor bolt'), count: 6, reason, costEach: 0.35, leadDays: 3 },
] as const;
const tool = (name: string, how: 'have' | 'buy' | 'borrow', cost: number) => ({ tool: name, reason, how, cost });
const tools = [tool('Calipers', 'have', 0), tool('T25 driver', 'buy', 6)];

describe('costTable', () => {
  it('adds kit, battery, small parts, tools to buy and the hours', () => {
    const table = costTable([{ shopping: [...shopping], tools }], { minutes: 150, slowMinutes: 210 }, 48);
    expect(table.sums).toEqual({ kit: 380, battery: 310.5, 'small-parts': 2.1, tools: 6 });
    expect(table).toMatchObject({ goods: 698.6, labour: 120, slowLabour: 168, total: 818.6, slowTotal: 866.6 });
    expect(table.lines.filter(({ group }) => group === 'tools').map(({ how }) => how)).toEqual(['have', 'buy']);
  });

  it('counts a tool of both ends once, and the goods of each', () => {
    const end = { shopping: [...shopping], tools };
    const table = costTable([end, end], { minutes: 0, slowMinutes: 0 });
    expect(table.sums).toEqual({ kit: 760, battery: 621, 'small-parts': 4.2, tools: 6 });
  });

  it('says what the fit says of the goods, and what the list of kits is ranked by', () => {
    const input = invented();
    const report = fit(input);
    const table = costTable([report], report, 60);
    expect(table.goods).toBeCloseTo(report.cost, 2);
    const { facts, wheel, ...rest } = input;
    const [row] = [...matchEach({ ...rest, ends: { front: facts }, wheels: [wheel], hourlyRate: 60 })].filter(isJudged);
    expect(row!.worth).toBe(table.total);
  });

  it('never costs less for slower work, a dearer hour, or one line more', () => {
    const amount = fc.integer({ min: 0, max: 100_000 }).map((each) => each / 100);
    fc.assert(
      fc.property(amount, amount, amount, fc.integer({ min: 1, max: 20 }), (rate, minutes, costEach, count) => {
        const time = { minutes, slowMinutes: minutes + 30 };
        const line = { group: 'small-parts', what: asWritten('Arm'), count, reason, costEach, leadDays: 2 } as const;
        const before = costTable([{ shopping: [...shopping], tools }], time, rate);
        const after = costTable([{ shopping: [...shopping, line], tools }], time, rate + 1);
        expect(after.total).toBeGreaterThanOrEqual(before.total);
        expect(before.slowTotal).toBeGreaterThanOrEqual(before.total);
        const parts = before.lines.reduce((sum, each) => sum + each.cost, 0);
        expect(before.total).toBeCloseTo(parts + (rate * minutes) / 60, 1);
      }),
    );
  });
});
