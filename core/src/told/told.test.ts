import fc from 'fast-check';

import { jsonSchema } from '../input';

import { toldBetween, toldFacts, toldFeatures, type Telling } from './told';
import { whyNotTold } from '../answer-check';
import { BikeFacts } from '../bike-facts';
import { say } from '../english.testing';

const reading = ({ feature, is }: Telling, minute: number, withdrawnAt: string | null = null) => ({
  place: 'bike' as const,
  feature,
  told: { is },
  takenAt: new Date(Date.UTC(2026, 2, 2, 9, minute)).toISOString(),
  withdrawnAt,
});

const anyFacts = fc.record(
  {
    riderKg: fc.integer({ min: 20, max: 250 }),
    surface: fc.constantFrom<'dry' | 'loose'>('dry', 'loose'),
    notes: fc.array(fc.constantFrom('rust', 'play'), { minLength: 1 }),
    ratings: fc.constantFrom<{ part: string; ratedKg?: number }[]>([], [{ part: 'rack', ratedKg: 25 }]),
    brakes: fc.record(
      { front: fc.constant({ kind: 'rim' as const }), rear: fc.constant({ kind: 'rotor' as const, rotorMm: 180 }) },
      { requiredKeys: [] },
    ),
    job: fc.record(
      { folds: fc.boolean(), school: fc.constantFrom<'wheel-first' | 'electrics-first'>('wheel-first') },
      { requiredKeys: [] },
    ),
  },
  { requiredKeys: [] },
);

/** The same without what says nothing. */
function telling(facts: object): object {
  const said = Object.entries(facts).filter(
    ([, value]) => typeof value !== 'object' || Array.isArray(value) || Object.keys(value as object).length > 0,
  );
  return Object.fromEntries(said);
}

describe('what is told of a bike', () => {
  it('has a name for everything that take-in knows, and for nothing else', () => {
    const { properties } = jsonSchema(BikeFacts) as { properties: Record<string, { properties?: object }> };
    const inParts = ['brakes', 'tyres', 'approvals', 'bar', 'frame', 'bay', 'power', 'cables', 'wiring', 'job'];
    const names = Object.entries(properties).flatMap(([name, { properties: parts }]) =>
      inParts.includes(name) ? Object.keys(parts!).map((part) => `${name}.${part}`) : [name],
    );
    expect([...toldFeatures].sort()).toEqual(names.sort());
  });

  it('becomes what it was told to become, whatever was known before', () => {
    fc.assert(
      fc.property(anyFacts, anyFacts, (before, after) => {
        const first = toldBetween({}, before as BikeFacts).map((said) => reading(said, 1));
        const second = toldBetween(before as BikeFacts, after as BikeFacts).map((said) => reading(said, 2));
        expect(toldFacts([...second, ...first])).toEqual(telling(after));
        expect(toldBetween(after as BikeFacts, after as BikeFacts)).toEqual([]);
      }),
    );
  });

  it('keeps what two people tell of different things, in whatever order it is heard', () => {
    const one = reading({ feature: 'job.folds', is: true }, 1);
    const other = reading({ feature: 'job.school', is: 'wheel-first' }, 2);
    for (const heard of [
      [one, other],
      [other, one],
    ]) {
      expect(toldFacts(heard)).toEqual({ job: { folds: true, school: 'wheel-first' } });
    }
  });

  it('goes by the later answer, and by the one before when that is withdrawn', () => {
    const first = reading({ feature: 'riderKg', is: 70 }, 1);
    expect(toldFacts([reading({ feature: 'riderKg', is: 80 }, 2), first])).toEqual({ riderKg: 80 });
    expect(toldFacts([reading({ feature: 'riderKg', is: 80 }, 2, 'then'), first])).toEqual({ riderKg: 70 });
    expect(toldFacts([first, reading({ feature: 'riderKg', is: null }, 3)])).toEqual({});
  });

  it('is told of the whole bike only', () => {
    expect(toldFacts([{ ...reading({ feature: 'riderKg', is: 70 }, 1), place: 'front-axle' }])).toEqual({});
  });

  it.each([
    [{ feature: 'riderKg', is: 900 }, 'riderKg is 900; it must be a number from 20 to 250 kg'],
    [
      { feature: 'climb', is: { gradePercent: 5 } },
      'climb.minutes is missing; it must be a number from 0.1 to 120 min',
    ],
    [{ feature: 'colour', is: 'red' }, 'feature is "colour"; it must be something that take-in asks'],
    [{ feature: '__proto__', is: {} }, 'feature is "__proto__"; it must be something that take-in asks'],
  ])('is refused as %j, naming field, value and range', (said, message) => {
    expect(say(whyNotTold(said)!.says)).toBe(message);
  });

  it.each([
    { feature: 'riderKg', is: 70 },
    { feature: 'riderKg', is: null },
    { feature: 'brakes.rear', is: { kind: 'rim' } },
  ])('is taken as %j', (said) => expect(whyNotTold(said)).toBeNull());
});
