import { endFacts, openFeatures } from '../end-facts';
import { fit } from '../fit';
import { invented, inventedFrontWheel, inventedRearWheel, readingsOf } from '../fit/invented.testing';
import { readingsBehind } from '../fit/drawn.testing';
import { firstLookFeatures } from '../features';
import { firstLook } from './first-look';

const seen = (words: Record<string, string>, lengths: Record<string, number>) => ({
  ...invented(),
  bike: {},
  stores: [],
  facts: endFacts('front', readingsOf('front', words, lengths)),
});
const steelFork = { material: 'steel', 'blade-material': 'steel', seat: 'open-flat', brake: 'rim', 'lip.left': 'none' };

describe('a first look', () => {
  it('asks for no more than seven readings', () => {
    expect(firstLookFeatures.length).toBeLessThanOrEqual(7);
  });

  it('says that a kit stops as soon as nothing that is still open could save it', () => {
    expect(firstLook(seen({ material: 'carbon' }, {}))).toMatchObject({ so: 'stops', finding: { id: 'carbon' } });
    expect(firstLook(seen(steelFork, { 'slot-width.left.middle': 8.2, 'spacing.front': 100 }))).toMatchObject({
      so: 'stops',
      finding: { id: expect.stringMatching(/^slot-width/) },
    });
    const rear = { ...seen(steelFork, { 'spacing.front': 100 }), wheel: inventedRearWheel };
    expect(firstLook(rear)).toMatchObject({ so: 'stops', finding: { id: 'spread' } });
  });

  it('names what could still stop a kit that may go, and never says that it goes', () => {
    const look = firstLook(seen(steelFork, { 'slot-width.left.middle': 10.1, 'spacing.front': 100.1 }));
    if (look.so !== 'may-go') throw new Error(look.so);
    const ids = look.couldStop.map(({ id }) => id);
    expect(ids).toEqual(
      expect.arrayContaining(['slot-depth.left', 'legs-apart', 'condition', 'slot-width.left.mouth']),
    );
    // What cannot stop it any more is not asked for.
    expect(ids).not.toContain('old-axle');
  });

  it('never promises what the whole fit then refuses, nor refuses what it lets go', () => {
    for (const [wheel, lengths] of [
      [inventedFrontWheel, { 'slot-width.left.middle': 10.14, 'spacing.front': 100.1 }],
      [inventedFrontWheel, { 'slot-width.left.middle': 9.6, 'spacing.front': 100.1 }],
    ] as const) {
      const whole = invented({ lengths: { ...lengths } });
      const look = firstLook({ ...seen(steelFork, { ...lengths }), wheel });
      expect(fit({ ...whole, wheel }).verdict).not.toBe('stop');
      expect(look.so).toBe('may-go');
    }
  });

  it('leaves less to read with every reading, until the fit says it', () => {
    const whole = invented();
    const readings = readingsBehind(whole.facts);
    const look = firstLook({ ...whole, facts: endFacts('front', readings) });
    expect(look.so).toBe('measured');
    const some = endFacts('front', readings.slice(0, 24));
    expect(openFeatures(some).length).toBeGreaterThan(0);
    expect(firstLook({ ...whole, facts: some }).so).toBe('may-go');
  });
});
