import { endFacts } from '@cricket/core/end-facts';
import type { Verdict } from '@cricket/core/verdict';

import { findingTitle } from './finding-titles';
import { waysOn, waysOut, whereLeftOut } from './ways-out';

describe('what was recorded and cannot be', () => {
  it.each([
    ['left-out.reading.rotor-diameter', '/bikes/b/rear/measure?feature=rotor-diameter'],
    ['left-out.reading.rim-to-dropout.left', '/bikes/b/rear/measure?feature=rim-to-dropout.left'],
    ['left-out.delivered.delivered', '/bikes/b/rear/measure?feature=washers-delivered.left'],
    ['left-out.stores.0a', '/stores/0a'],
    ['left-out.bike.loadKg', '/bikes/b/take-in'],
    ['left-out.limits.fileMm', '/limits'],
    ['left-out.kit.kit', '/wheels'],
  ])('%s is put right at %s', (id, path) => {
    expect(whereLeftOut(id, 'b', 'rear')?.path).toBe(path);
    expect(findingTitle(id)).toBe('Recorded, but cannot be');
  });

  it('is nothing where all can be', () => expect(whereLeftOut('slot-width.left', 'b', 'rear')).toBeNull());

  const whence = {
    bikeId: 'b',
    end: 'rear' as const,
    wheel: { id: 'w', code: 'RW-1' },
    facts: endFacts('rear', []),
    packInstead: false,
  };
  const finding = (id: string, verdict: string) => ({ id, verdict }) as { id: string; verdict: Verdict };

  it('and what is not known of the bike’s own tyre leads to its page, once', () => {
    const open = [finding('tyre-load', 'unknown'), finding('tyre-speed', 'unknown'), finding('tyre-width', 'goes')];
    expect(waysOut(open, whence).map(({ path }) => path)).toEqual(['/bikes/b/rear/kit']);
    expect(waysOut([finding('tyre-load', 'stop')], whence)).toEqual([]);
  });

  it.each([
    ['not-measured', ['/bikes/b/rear/measure']],
    ['plate-is-unheard-of', []],
    ['filing-plate.left', ['plate.left', 'slot-width.left.mouth', 'slot-width.left.middle']],
    ['take-in-open', ['/bikes/b/take-in']],
    ['motor-torque', ['/wheels/w?bike=b&end=rear']],
    ['pressure', ['/wheels/w?bike=b&end=rear', '/bikes/b/rear/kit']],
    ['left-out.stores.0a', ['/stores/0a']],
  ])('%s, where it is not known, leads on', (id, paths) => {
    const ways = waysOn(finding(id, 'unknown'), whence);
    const whole = paths.map((path) => (path.startsWith('/') ? path : `/bikes/b/rear/measure?feature=${path}`));
    expect(ways.map(({ path }) => path)).toEqual(whole);
    expect(new Set(ways.map(({ label }) => label)).size).toBe(ways.length);
  });

  it('measures first what was not read, and leaves measuring to the next action above the list', () => {
    expect(waysOut([finding('filing-plate.left', 'unknown')], whence)).toEqual([]);
    const read = (feature: string, valueMm: number) => ({
      ...{ id: feature, place: 'rear-axle' as const, feature, valueMm, word: null, parts: null },
      ...{ instrument: 'calipers' as const, takenAt: '2031-04-02T09:00:00.000Z', withdrawnAt: null },
    });
    const facts = endFacts('rear', [read('slot-width.left.mouth', 10.1), read('plate.left', 5)]);
    expect(waysOn(finding('filing-plate.left', 'unknown'), { ...whence, facts })[0]?.path).toBe(
      '/bikes/b/rear/measure?feature=slot-width.left.middle',
    );
  });
});
