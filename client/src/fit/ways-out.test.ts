import { findingTitle } from './finding-titles';
import { waysOut, whereLeftOut } from './ways-out';

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

  it('and what is not known of the bike’s own tyre leads to its page, once', () => {
    const finding = (id: string, verdict: string) => ({ id, verdict }) as never;
    const open = [finding('tyre-load', 'unknown'), finding('tyre-speed', 'unknown'), finding('tyre-width', 'goes')];
    expect(waysOut(open, 'b', 'rear').map(({ path }) => path)).toEqual(['/bikes/b/rear/kit']);
    expect(waysOut([finding('tyre-load', 'stop')], 'b', 'rear')).toEqual([]);
  });
});
