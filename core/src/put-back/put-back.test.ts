import type { JobEvent, JobEventData, JobEventKind } from '../job-events';
import { putBack } from './put-back';

let minute = 0;
const event = <K extends JobEventKind>(kind: K, data: JobEventData<K>, withdrawnAt: string | null = null) =>
  ({
    id: String(++minute),
    kind,
    data,
    at: new Date(Date.UTC(2026, 2, 2, 9, minute)).toISOString(),
    person: 'Wren',
    withdrawnAt,
  }) as JobEvent;

describe('back to stock', () => {
  it('plays the last record of each side from the hub outwards', () => {
    const events = [
      event('came-off', { end: 'front', side: 'left', parts: [{ kind: 'nut' }] }),
      event('came-off', {
        end: 'front',
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
    const filed = { end: 'rear', what: 'filed', where: 'left slot', amountMm: 0.25 } as const;
    const events = [
      event('irreversible', filed),
      event('irreversible', filed),
      event('irreversible', { end: 'front', what: 'drilled', where: 'bottom bracket shell' }, '2026-03-02T10:00:00Z'),
    ];
    expect(putBack(events).remains).toEqual([filed]);
  });

  it('says where the parts of the kit are', () => {
    const fates = [
      { part: 'Display', fate: 'given-back' as const },
      { part: 'Motor wheel', fate: 'used' as const },
    ];
    expect(putBack([event('kit-parts', { end: 'rear', fates })]).kit).toEqual([
      { end: 'rear', part: 'Display', fate: 'given-back' },
      { end: 'rear', part: 'Motor wheel', fate: 'used' },
    ]);
    expect(putBack([])).toEqual({ ends: [], remains: [], kit: [] });
  });
});
