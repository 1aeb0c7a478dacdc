import { invented, inventedFrontWheel, inventedKit, inventedRearWheel, inventedStores } from '../fit/invented.testing';
import { planTime } from '../fit';
import { measuredBike } from '../kit-on-bike/measured-bike.testing';
import { outfitOf } from '../kit-on-bike';
import type { KitFacts } from '../kit';
import { match } from '../match';
import type { Wheel } from '../parts';
import { worstOf, type Verdict } from '../verdict';
import { wholeBike } from '../whole-bike';
import { builtFacts, conversions, conversionsEach, layoutsOf, type Conversion, type ConversionsInput } from '.';

const front = invented();
const rear = invented({ end: 'rear' });
const outfit = outfitOf(measuredBike);
const kit: KitFacts = { ...inventedKit, outfit };
const wheel = (id: string, change: Partial<KitFacts> = {}, like: Wheel = inventedFrontWheel): Wheel => ({
  ...like,
  id,
  code: id,
  kit: { ...kit, ...change },
});
const thumb = { id: 'Throttle', kind: 'throttle-thumb' as const, widthMm: 30, clampMm: 22.2, side: 'either' as const };
const withThrottle = { throttle: 'thumb' as const, outfit: { ...outfit, bar: [...outfit.bar!, thumb] } };
const input: ConversionsInput = {
  ends: { front: front.facts, rear: rear.facts },
  bike: { ...front.bike, ...measuredBike, law: { ...front.bike.law!, throttle: true } },
  stores: inventedStores,
  delivered: null,
  wheels: [
    wheel('plain'),
    wheel('dear', { cost: 700 }),
    wheel('light', { cost: 700, massKg: 3 }),
    wheel('blind', { outfit: {} }),
    wheel('rear', {}, inventedRearWheel),
    wheel('thumb', withThrottle),
  ],
  chosen: [],
};
const severity: Record<Verdict, number> = { goes: 0, work: 1, unknown: 2, stop: 3 };
const kitOf = ({ wheel: { id } }: Conversion) => input.wheels.find((each) => each.id === id)!.kit!;

/** Every way, one by one, from what the whole bike says of it. */
function everyWay(asked: ConversionsInput) {
  return match(asked).flatMap(({ wheel: { id, kit: of }, end, report }) =>
    layoutsOf(asked.bike, of!).map((layout) => {
      const facts = builtFacts(asked.bike, of!, layout, asked.chosen.includes(id));
      const { stations, toGet } = wholeBike(facts, [of!]);
      const used = stations.filter(
        ({ station }) =>
          ['bar', 'cranks', 'power'].includes(station) ||
          (station === 'bay' && (layout.battery === 'down' || layout.battery === 'seat')) ||
          (station === 'rack' && layout.battery === 'rack') ||
          (station === 'controller' && layout.controller !== 'built-in'),
      );
      const verdicts = used.map(({ verdict }) => verdict ?? 'unknown');
      const { minutes } = planTime([
        { input: { ...front, facts: asked.ends[end]!, bike: facts, wheel: report.wheel }, fitted: report },
      ]);
      return {
        id,
        end,
        layout,
        verdict: worstOf([report.verdict, ...verdicts, ...(layout.battery === 'bag' ? (['unknown'] as const) : [])]),
        minutes,
        bought: toGet.length,
        report,
      };
    }),
  );
}

describe('the best whole conversions', () => {
  const found = conversions(input);

  it('are the best of every way, each looked at by itself', () => {
    const every = everyWay(input);
    const open = every.filter(({ verdict }) => verdict !== 'stop');
    const best = Math.min(...open.map(({ verdict }) => severity[verdict]));
    expect(found.best.map(({ verdict }) => severity[verdict])).toEqual([best, best, best]);
    for (const {
      wheel: { id },
      end,
      layout,
      verdict,
      costs,
    } of found.best) {
      const same = every.find(
        (way) => way.id === id && way.end === end && JSON.stringify(way.layout) === JSON.stringify(layout),
      )!;
      expect(verdict).toBe(same.verdict);
      expect(costs.minutes).toBe(same.minutes);
    }
    const stopped = match(input).filter(({ report }) => report.verdict === 'stop').length;
    expect(found).toMatchObject({ stopped, refused: 0 });
    expect(found.looked).toBe(every.filter(({ report }) => report.verdict !== 'stop').length);
  });

  it('are one way of each kit, the cheapest first', () => {
    expect(new Set(found.best.map(({ wheel: { id }, end }) => `${id} ${end}`)).size).toBe(3);
    const totals = found.best.map(({ costs }) => costs.total);
    expect(totals).toEqual([...totals].sort((a, b) => a - b));
    expect(found.best.map(({ wheel: { id } }) => id)).not.toContain('dear');
  });

  it('show other ways of one kit where there is only one', () => {
    const { best } = conversions({ ...input, wheels: [wheel('plain')], ends: { front: front.facts } });
    expect(best.map(({ wheel: { id } }) => id)).toEqual(['plain', 'plain', 'plain']);
    expect(new Set(best.map(({ layout }) => JSON.stringify(layout))).size).toBe(3);
  });

  it('take the lighter of two that cost the same', () => {
    const { best } = conversions({
      ...input,
      wheels: [wheel('dear', { cost: 700 }), wheel('light', { cost: 700, massKg: 3 })],
    });
    expect(best[0]).toMatchObject({ wheel: { id: 'light' }, massKg: 6 });
  });

  it('say what they cost: goods, work at the shop’s rate, mass', () => {
    for (const way of found.best) {
      const { costs, massKg } = way;
      expect(costs.total).toBeCloseTo(costs.goods + (costs.minutes / 60) * costs.hourlyRate, 1);
      expect(massKg).toBe(kitOf(way).massKg + kitOf(way).battery!.massKg);
    }
    const { best } = conversions({ ...input, wheels: [wheel('unweighed', { battery: undefined as never })] });
    expect(best[0]!.massKg).toBeNull();
  });

  it('put the throttle where the bar holds it', () => {
    const { best } = conversions({ ...input, wheels: [wheel('thumb', withThrottle)], ends: { front: front.facts } });
    expect(best[0]!.layout.throttle).not.toBeNull();
    const [kept] = conversions({
      ...input,
      bike: { ...input.bike, job: { throttle: 'left-out' } },
      wheels: [wheel('thumb', withThrottle)],
    }).best;
    expect(kept!.layout.throttle).toBeNull();
  });

  it('say nothing goes with a kit that nobody has measured', () => {
    const { best } = conversions({ ...input, wheels: [wheel('blind', { outfit: {} })] });
    expect(best.length).toBeGreaterThan(0);
    for (const { verdict, stations } of best) {
      expect(verdict).toBe('unknown');
      expect(stations.find(({ station }) => station === 'power')).toMatchObject({ verdict: 'unknown' });
    }
    // What was measured on the bike counts for the kit that it was measured of.
    const chosen = conversions({ ...input, wheels: [wheel('blind', { outfit: {} })], chosen: ['blind'] });
    expect(chosen.best[0]!.verdict).toBe('goes');
  });

  it('never gain by a harder bike: less room on the bar, a thing in the frame, less of it measured', () => {
    const { bike } = input;
    const shock = {
      kind: 'round' as const,
      id: 'Shock',
      at: { tube: 'down' as const, alongMm: 300, offMm: 60 },
      diameterMm: 90,
    };
    const harder = [
      { ...bike, bar: { ...bike.bar!, room: { ...bike.bar!.room!, straightMm: { left: 150, right: 150 } } } },
      { ...bike, frame: { ...bike.frame!, inWay: [shock] } },
      { ...bike, frame: { tubes: bike.frame!.tubes! } },
      { ...bike, cranks: undefined as never },
      { ...bike, budget: 100 },
    ];
    const worth = (best: Conversion[]) => best.map(({ verdict }) => severity[verdict]);
    const before = worth(found.best);
    for (const each of harder) {
      worth(conversions({ ...input, bike: each }).best).forEach((after, at) =>
        expect(after).toBeGreaterThanOrEqual(before[at]!),
      );
    }
  });

  it('come one kit at one end at a time, better and better', () => {
    const all = input.wheels.length * 2;
    const seen: number[] = [];
    const each = conversionsEach(input);
    for (let next = each.next(); !next.done; next = each.next()) {
      const { done, all: of, found: so } = next.value;
      expect(of).toBe(all);
      seen.push(done);
      if (so.best[0]) expect(severity[so.best[0].verdict]).toBeGreaterThanOrEqual(severity[found.best[0]!.verdict]);
    }
    expect(seen).toEqual(Array.from({ length: all }, (_, at) => at + 1));
  });
});
