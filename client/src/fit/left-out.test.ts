import { findingTitle } from './finding-titles';
import { whereLeftOut } from './left-out';

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
});
