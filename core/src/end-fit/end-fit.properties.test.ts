import fc from 'fast-check';

import { endFacts, openFeatures, type Reading } from '../end-facts';
import { features } from '../features';
import { materials } from '../materials';
import type { LoosePart, StoreItem, Wheel } from '../parts';
import { endFit } from './end-fit';
import { frontReadings, frontWheel, washersOnHand } from './front-end.testing';

const rank = { stop: 0, unknown: 1, work: 2, goes: 3 };

/** Mostly as usual, now and then something else. */
function seldom<T>(other: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> {
  return fc.oneof({ weight: 6, arbitrary: fc.constant(undefined) }, { weight: 1, arbitrary: other });
}

function given<T extends object>(values: T): Record<string, never> {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as Record<string, never>;
}

/** A front end with some words and lengths other than usual: many of them still go. */
const anyFront = fc
  .record({
    words: fc.record({
      material: seldom(fc.constantFrom(...materials)),
      'blade-material': seldom(fc.constantFrom('carbon', 'forged-aluminium')),
      suspension: seldom(fc.constant('suspension')),
      condition: seldom(fc.constantFrom('surface-rust', 'bent', 'cracked', 'unsure')),
      seat: seldom(fc.constantFrom('open-relieved', 'open-round')),
      'lip.left': seldom(fc.constant('lip')),
    }),
    lengths: fc.record({
      'spacing.front': seldom(around(100, 1.5)),
      'spacing.back': seldom(around(100, 1.5)),
      'slot-width.left.seat': seldom(around(10.1, 0.9)),
      'slot-width.right.mouth': seldom(around(10.3, 1)),
      'slot-depth.left': seldom(around(13, 4)),
      'plate.right': seldom(around(5, 2)),
      'old-axle': seldom(around(10, 1)),
      'rim-to-dropout.left': seldom(around(37, 2)),
    }),
    missing: seldom(
      fc.subarray(
        features.map(({ id }) => id),
        { minLength: 1, maxLength: 3 },
      ),
    ),
  })
  .map(({ words, lengths, missing = [] }) =>
    frontReadings(given(words), given(lengths)).filter(({ feature }) => !missing.includes(feature)),
  );

function around(middle: number, by: number) {
  return fc.double({ min: middle - by, max: middle + by, noNaN: true }).map((value) => Number(value.toFixed(2)));
}

const judge = (readings: readonly Reading[], more: { wheel?: Wheel; stores?: StoreItem[]; limits?: object } = {}) =>
  endFit({
    facts: endFacts('front', readings),
    wheel: more.wheel ?? frontWheel,
    stores: more.stores ?? washersOnHand,
    delivered: null,
    ...(more.limits && { limits: more.limits }),
  });

/** The same end seen in a mirror. */
function mirroredReadings(readings: readonly Reading[]): Reading[] {
  return readings.map((reading) => ({ ...reading, feature: otherSide(reading.feature) }));
}

function otherSide(feature: string): string {
  return feature.replace(/\.(left|right)/, (_, side: string) => (side === 'left' ? '.right' : '.left'));
}

function mirroredWheel(wheel: Wheel): Wheel {
  const { axle, delivered } = wheel;
  const swap = (parts: { left: LoosePart[]; right: LoosePart[] }) => ({ left: parts.right, right: parts.left });
  return {
    ...wheel,
    axle: {
      ...axle,
      leftMm: axle.rightMm,
      rightMm: axle.leftMm,
      threadFromLeftMm: axle.threadFromRightMm,
      threadFromRightMm: axle.threadFromLeftMm,
    },
    rimOffsetMm: -wheel.rimOffsetMm,
    cableExit: wheel.cableExit === 'left' ? 'right' : 'left',
    delivered: swap(delivered),
  };
}

describe('endFit on any front end', () => {
  it('never says goes to carbon, a risky condition, a missing reading or work that is left to do', () => {
    let went = 0;
    fc.assert(
      fc.property(anyFront, (readings) => {
        const fit = judge(readings);
        const facts = endFacts('front', readings);
        if (fit.verdict !== 'goes') return;
        went++;
        expect(facts.material).not.toBe('carbon');
        expect(facts.bladeMaterial).not.toBe('carbon');
        expect(facts.suspension).toBe(false);
        expect(facts.condition).toBe('sound');
        expect(openFeatures(facts)).toEqual([]);
        expect(fit.slots.left.fileMm).toBe(0);
        expect(fit.slots.right.fileMm).toBe(0);
        expect(fit.stack!.stacks.length).toBeGreaterThan(0);
        expect(fit.findings.every(({ verdict }) => verdict === 'goes')).toBe(true);
      }),
      { numRuns: 400, seed: 7 },
    );
    // Else the property would hold of nothing.
    expect(went).toBeGreaterThan(5);
  });

  it('stops carbon at once, whatever else is known', () => {
    fc.assert(
      fc.property(anyFront, fc.boolean(), (readings, blade) => {
        const feature = blade ? 'blade-material' : 'material';
        const carbon = {
          ...readings[0]!,
          id: 'carbon',
          feature,
          word: 'carbon',
          valueMm: null,
          takenAt: '2030-01-01T00:00:00Z',
        };
        expect(judge([...readings, carbon])).toMatchObject({ verdict: 'stop', stack: null });
        expect(judge([carbon]).verdict).toBe('stop');
      }),
      { numRuns: 60 },
    );
  });

  it('gives the mirrored answer for the mirrored bike', () => {
    fc.assert(
      fc.property(anyFront, (readings) => {
        const wheel = { ...frontWheel, axle: { ...frontWheel.axle, leftMm: 38, rightMm: 36 } };
        const here = judge(readings, { wheel });
        const there = judge(mirroredReadings(readings), { wheel: mirroredWheel(wheel) });
        expect(there.verdict).toBe(here.verdict);
        expect(there.twoArms).toBe(here.twoArms);
        expect(there.stack?.stacks[0]?.cost.toFixed(6)).toBe(here.stack?.stacks[0]?.cost.toFixed(6));
        expect(there.slots.left.fileMm).toBe(here.slots.right.fileMm);
        expect(there.outside.left.length).toBe(here.outside.right.length);
      }),
      { numRuns: 80 },
    );
  });

  it('never gets better with tighter limits', () => {
    const tighter = {
      // One figure for all would be a looser one for magnesium, which is not filed at all.
      fileMm: { steel: 0.2, titanium: 0.2, 'forged-aluminium': 0.2, 'cast-aluminium': 0.2, magnesium: 0 },
      playGoesMm: 0.1,
      playWorkMm: 0.4,
      axleShiftMm: 0.5,
      faceAngleDeg: 0.2,
      flatEngagedShare: 0.95,
      slotMouthMm: 2,
    };
    fc.assert(
      fc.property(anyFront, (readings) => {
        expect(rank[judge(readings, { limits: tighter }).verdict]).toBeLessThanOrEqual(rank[judge(readings).verdict]);
      }),
      { numRuns: 150 },
    );
  });

  it('never finds a worse stack in fuller stores', () => {
    const more: StoreItem = { ...washersOnHand[0]!, id: 'more', thicknessMm: 1, count: 4 };
    fc.assert(
      fc.property(anyFront, (readings) => {
        const cost = (stores: StoreItem[]) => judge(readings, { stores }).stack?.stacks[0]?.cost ?? Infinity;
        expect(cost([...washersOnHand, more])).toBeLessThanOrEqual(cost(washersOnHand) + 1e-9);
      }),
      { numRuns: 60 },
    );
  });

  it('judges each end by its own readings only', () => {
    fc.assert(
      fc.property(anyFront, anyFront, (front, other) => {
        const rear = other.map((reading) => ({ ...reading, id: `rear-${reading.id}`, place: 'rear-axle' as const }));
        expect(judge([...front, ...rear])).toEqual(judge(front));
      }),
      { numRuns: 40 },
    );
  });
});
