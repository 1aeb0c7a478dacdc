import type { RoomOfKit } from '@cricket/core/kit-on-bike';
import type { Verdict } from '@cricket/core/verdict';

import { verdictName } from './verdict-name';

const room = (...verdicts: Verdict[]) =>
  verdicts.map((verdict): RoomOfKit => ({ station: 'bar', verdict, decides: null, waitsFor: null }));

describe('what a kit’s verdict is called', () => {
  it.each<[Verdict, Verdict[], string]>([
    ['goes', ['goes', 'work'], 'Goes'],
    ['goes', [], 'Goes'],
    ['goes', ['goes', 'unknown'], 'Goes at the axle'],
    ['work', ['stop'], 'Goes after work at the axle'],
    ['unknown', ['stop'], 'Not measured yet'],
    ['stop', ['unknown'], 'Stop'],
  ])('%s with %j besides is “%s”', (verdict, besides, name) => {
    expect(verdictName({ verdict, couldStop: null, room: room(...besides) })).toBe(name);
  });

  it('is that it may go as long as readings could still stop it', () => {
    expect(verdictName({ verdict: 'unknown', couldStop: ['plate.left'], room: room('goes') })).toBe('May go');
  });
});
