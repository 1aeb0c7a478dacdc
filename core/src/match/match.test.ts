import { fit } from '../fit';
import { invented, inventedFrontWheel, inventedRearWheel, inventedStores } from '../fit/invented.testing';
import { match, matchEach, rankedByKit, stopsAll, type MatchInput } from './match';

const front = invented();
const rear = invented({ end: 'rear' });
const dear = { ...inventedFrontWheel, id: 'dear', code: 'FW-8', kit: { ...inventedFrontWheel.kit!, cost: 900 } };
const input: MatchInput = {
  ends: { front: front.facts, rear: rear.facts },
  bike: front.bike,
  stores: inventedStores,
  delivered: null,
  wheels: [dear, inventedFrontWheel, inventedRearWheel],
};

describe('the match', () => {
  it('equals as many fits', () => {
    const rows = match(input);
    expect(rows).toHaveLength(6);
    for (const { wheel, end, report } of rows) {
      const { facts } = end === 'front' ? front : rear;
      expect(report).toEqual(fit({ facts, bike: input.bike, wheel, stores: input.stores, delivered: null }));
    }
  });

  it('ranks by verdict, then by cost with work', () => {
    const rows = match(input);
    const order = { goes: 0, work: 1, unknown: 2, stop: 3 };
    rows.slice(1).forEach((row, at) => {
      const before = rows[at]!;
      const step = order[row.report.verdict] - order[before.report.verdict];
      expect(step).toBeGreaterThanOrEqual(0);
      if (step === 0) expect(row.worth).toBeGreaterThanOrEqual(before.worth);
    });
    expect(rows[0]!.wheel.code).toBe('FW-7');
  });

  describe('where the bike itself stops every kit', () => {
    // 20 kg of load on a rack that may carry 5: no kit is to blame.
    const overloaded = {
      ...input,
      bike: { ...input.bike, ratings: [{ part: 'rack', ratedKg: 5, loadKg: 20 }] },
    };
    const rows = match(overloaded);

    it('says stop of all of them, and which finding all share', () => {
      expect(rows.map(({ report }) => report.verdict)).toEqual(rows.map(() => 'stop'));
      expect([...stopsAll(rows)]).toEqual(['rating.rack']);
    });

    it('ranks them by what each does itself, as if there were no rack', () => {
      const own = rankedByKit(rows).map(({ wheel, end }) => `${wheel.code} ${end}`);
      const verdicts = new Map(match(input).map(({ wheel, end, report }) => [`${wheel.code} ${end}`, report.verdict]));
      const order = { goes: 0, work: 1, unknown: 2, stop: 3 };
      const severities = own.map((name) => order[verdicts.get(name)!]);
      expect(severities).toEqual([...severities].sort((a, b) => a - b));
      expect(new Set(severities).size).toBeGreaterThan(1);
      // A rear wheel at the front stops by itself, however cheap it is.
      expect(own[0]).toBe('FW-7 front');
    });

    it('shares nothing where one kit is not stopped by it, or there is only one', () => {
      expect(stopsAll(match(input)).size).toBe(0);
      expect(stopsAll(rows.slice(0, 1)).size).toBe(0);
      expect(rankedByKit([])).toEqual([]);
    });

    it('is the usual order where nothing is shared', () => {
      const usual = match(input);
      expect(rankedByKit(usual)).toEqual(usual);
    });
  });

  it('matches a wheel by geometry, whatever end it is sold for', () => {
    const wideFork = invented({ lengths: { 'spacing.front': 135, 'spacing.back': 135 } });
    const bare = { ...inventedRearWheel, smallSprocketMm: null, soldFor: 'rear' as const };
    const [best] = match({ ...input, ends: { front: wideFork.facts }, wheels: [inventedFrontWheel, bare] });
    expect(best).toMatchObject({ end: 'front', wheel: { code: 'RW-7' } });
    expect(best!.report.verdict).toBe('goes');
  });

  it('leaves out an end that nobody has measured, and goes one row at a time', () => {
    const rows = matchEach({ ...input, ends: { front: front.facts } });
    expect(rows.next().value).toMatchObject({ end: 'front', wheel: { code: 'FW-8' } });
    expect([...rows]).toHaveLength(2);
  });
});
