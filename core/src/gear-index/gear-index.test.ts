import fc from 'fast-check';

import type { GearIndexInput } from './contract';
import { gearIndex } from './gear-index';

const base: GearIndexInput = { shifterSpeeds: 7, sprockets: 7, cluster: 'freewheel', hubTakes: 'freewheel' };
const rule = (input: GearIndexInput, wanted: string) => gearIndex(input).findings.find(({ id }) => id === wanted);

const pitches: Record<number, number> = { 5: 5.5, 6: 5.5, 7: 5, 8: 4.8, 9: 4.35, 10: 3.95, 11: 3.75, 12: 3.6 };

/** The least largest error over every first click and a fine scan of cable offsets. */
function scanned(clicks: number, sprockets: number): number {
  const run = Math.min(clicks, sprockets);
  let best = Infinity;
  for (let first = 0; first + run <= clicks; first++) {
    for (let offset = -25; offset <= 25; offset += 0.005) {
      let worst = 0;
      for (let at = 0; at < run; at++) {
        worst = Math.max(worst, Math.abs(at * pitches[sprockets]! - (at * pitches[clicks]! + offset)));
      }
      best = Math.min(best, worst);
    }
  }
  return best;
}

describe('gears', () => {
  it('goes with as many clicks as sprockets', () => {
    expect(gearIndex(base)).toMatchObject({ verdict: 'goes', maxErrorMm: 0, clicksLeft: 0 });
  });

  it('names the error of fewer sprockets than clicks, smallest first', () => {
    const { verdict, errorsMm, clicksLeft } = gearIndex({ ...base, shifterSpeeds: 8 });
    expect(errorsMm).toEqual([0.6, 0.4, 0.2, 0, -0.2, -0.4, -0.6]);
    expect(clicksLeft).toBe(1);
    expect(verdict).toBe('work');
  });

  it('stops where the clicks miss the sprockets', () => {
    expect(rule({ ...base, shifterSpeeds: 10 }, 'index')!.verdict).toBe('stop');
  });

  it('is at most work with more sprockets than clicks', () => {
    const more = gearIndex({ ...base, shifterSpeeds: 7, sprockets: 8, cluster: 'cassette', hubTakes: 'cassette' });
    expect(more.clicksLeft).toBe(-1);
    expect(more.errorsMm).toHaveLength(7);
    expect(more.verdict).toBe('work');
  });

  it.each([5, 6, 7, 8, 9, 10, 11, 12].flatMap((clicks) => [7, 8, 9].map((sprockets) => [clicks, sprockets] as const)))(
    'finds the best cable setting for %i clicks on %i sprockets',
    (clicks, sprockets) => {
      const { maxErrorMm } = gearIndex({ ...base, shifterSpeeds: clicks, sprockets });
      expect(Math.abs(maxErrorMm - scanned(clicks, sprockets))).toBeLessThan(0.006);
    },
  );

  it('lets a friction shifter find any sprocket', () => {
    expect(gearIndex({ ...base, shifterSpeeds: 0 })).toMatchObject({ verdict: 'goes', errorsMm: [], clicksLeft: 0 });
  });

  it.each([
    ['freewheel', 'cassette'],
    ['cassette', 'freewheel'],
    ['cassette', 'none'],
  ] as const)('never puts a %s on a hub for %s', (cluster, hubTakes) => {
    expect(rule({ ...base, cluster, hubTakes }, 'cluster')!.verdict).toBe('stop');
  });

  it.each([
    [4, 6.4, 'goes'],
    [4, 1.5, 'goes'],
    [4, 7, 'work'],
    [4, 8.2, 'stop'],
  ] as const)('moves the smallest sprocket from %d to %d: %s', (oldGapMm, newGapMm, verdict) => {
    expect(rule({ ...base, oldGapMm, newGapMm }, 'sprocket-moved')!.verdict).toBe(verdict);
  });

  const cassette: GearIndexInput = { ...base, cluster: 'cassette', hubTakes: 'cassette' };

  it.each([
    [35, 36, 0, 'goes'],
    [35, 34.9, 1, 'work'],
    [35, 33.6, 1.85, 'work'],
    [35, 31, 4.5, 'work'],
  ] as const)(
    'puts sprockets of %d mm on a body: %d mm stack takes spacer %d',
    (lengthMm, stackMm, spacerMm, verdict) => {
      const input = { ...cassette, body: { lengthMm, stackMm } };
      expect(gearIndex(input).spacerMm).toBe(spacerMm);
      expect(rule(input, 'cassette-spacer')!.verdict).toBe(verdict);
    },
  );

  it('stops sprockets that stand too far out or never reach', () => {
    for (const stackMm of [37, 20]) {
      const input = { ...cassette, body: { lengthMm: 35, stackMm } };
      expect(rule(input, 'cassette-spacer')!.verdict).toBe('stop');
      expect(gearIndex(input).spacerMm).toBeUndefined();
    }
  });

  it('says what a coaster, drum or gear hub takes with it', () => {
    expect(rule({ ...base, oldHub: 'coaster' }, 'hub-lost')).toMatchObject({ verdict: 'work' });
    expect(rule({ ...base, oldHub: 'plain' }, 'hub-lost')).toBeUndefined();
  });

  it('gives speed and chainring that agree with the wheel rolled out', () => {
    const teeth = [14, 16, 18, 20, 22, 24, 28];
    const ride = { ...base, teeth, chainring: 42, circumferenceMm: 2100, assistedKmh: 25 };
    const { speedAt100RpmKmh, chainringFor85Rpm } = gearIndex(ride);
    // 100 turns of the crank are 300 turns of the wheel: 630 m in a minute.
    expect(speedAt100RpmKmh).toBeCloseTo(0.63 * 60, 9);
    const rpm = (25 * 1e6) / 60 / ((2100 * chainringFor85Rpm!) / 14);
    expect(Math.abs(rpm - 85)).toBeLessThan(85 / chainringFor85Rpm!);
  });

  it('refuses teeth that do not match the sprockets', () => {
    expect(() => gearIndex({ ...base, teeth: [14, 16] })).toThrow(/teeth is 2: gear-index.as-many-as-sprockets.*7/);
  });

  it('is never better under tighter limits', () => {
    const rank = { stop: 0, unknown: 1, work: 2, goes: 3 };
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 12 }), fc.integer({ min: 5, max: 12 }), (shifterSpeeds, sprockets) => {
        const input = { ...base, shifterSpeeds, sprockets };
        const tighter = { ...input, limits: { indexGoesMm: 0.2, indexWorkMm: 0.4 } };
        expect(rank[gearIndex(tighter).verdict]).toBeLessThanOrEqual(rank[gearIndex(input).verdict]);
      }),
    );
  });
});
