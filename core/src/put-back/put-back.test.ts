import type { JobEvent, JobEventData, JobEventKind } from '../job-events';
import type { Place } from '../model';
import { asWritten, said } from '../said';
import { putBack } from './put-back';

let minute = 0;
const event = <K extends JobEventKind>(
  place: Place,
  kind: K,
  data: JobEventData<K>,
  withdrawnAt: string | null = null,
) =>
  ({
    id: String(++minute),
    kind,
    place,
    data,
    at: new Date(Date.UTC(2026, 2, 2, 9, minute)).toISOString(),
    person: 'Wren',
    withdrawnAt,
  }) as JobEvent;

describe('back to stock', () => {
  it('plays the last record of each side from the hub outwards', () => {
    const events = [
      event('front-axle', 'came-off', { side: 'left', parts: [{ kind: 'nut' }] }),
      event('front-axle', 'came-off', {
        side: 'left',
        parts: [{ kind: 'plain', thicknessMm: 1.5 }, { kind: 'stay' }, { kind: 'nut' }],
      }),
    ];
    expect(putBack(events).ends).toEqual([
      {
        end: 'front',
        sides: { left: [{ kind: 'plain', thicknessMm: 1.5 }, { kind: 'stay' }, { kind: 'nut' }], right: null },
      },
    ]);
  });

  it('names what does not come back, once', () => {
    const filed = { what: 'filed', where: 'left slot', amountMm: 0.25 } as const;
    const events = [
      event('rear-axle', 'irreversible', filed),
      event('rear-axle', 'irreversible', filed),
      event('cranks', 'irreversible', { what: 'drilled', where: 'bottom bracket shell' }, '2026-03-02T10:00:00Z'),
    ];
    expect(putBack(events).remains).toEqual([{ place: 'rear-axle', ...filed, where: asWritten('left slot') }]);
    // Noted by a step it is the same in whatever language it was noted, and is told in that of the reader.
    const inTwo = ['left slot', 'linker Schlitz'].map((where) =>
      event('rear-axle', 'irreversible', { ...filed, where, spot: 'left-slot' }),
    );
    expect(putBack(inTwo).remains).toEqual([{ place: 'rear-axle', ...filed, where: said('procedure.left-slot') }]);
  });

  it('says where the parts of the kit are', () => {
    const fates = [
      { part: 'Display', fate: 'given-back' as const },
      { part: 'Motor wheel', fate: 'used' as const },
    ];
    expect(putBack([event('rear-axle', 'kit-parts', { fates })]).kit).toEqual([
      { end: 'rear', part: 'Display', fate: 'given-back' },
      { end: 'rear', part: 'Motor wheel', fate: 'used' },
    ]);
    expect(putBack([])).toEqual({ ends: [], remains: [], kit: [] });
  });
});
