import { entryLine } from './entry-line';

describe('what waits, in words', () => {
  it('names figures and words, and nothing that only the machine needs', () => {
    const reading = {
      place: 'front-axle',
      feature: 'slot-depth.left',
      valueMm: 14.2,
      word: null,
      typed: '14.2',
      takenAt: '2026-03-02T12:00:00.000Z',
    };
    expect(entryLine(reading)).toBe('at front axle · of left slot depth · mm 14.2 · typed 14.2');
    const order = { id: '00000003-0000-4000-8000-000000000001', what: 'Kit FW-1', costEach: 360, version: 2 };
    expect(entryLine(order)).toBe('what Kit FW-1 · cost each 360');
  });

  it('shows no bytes and no whole file', () => {
    const photo = { about: 'mount', bytes: 'A'.repeat(5000) };
    expect(entryLine(photo)).toBe('of mount');
    expect(entryLine(null)).toBe('');
    expect(entryLine({ feature: 'unheard.of' })).toBe('of unheard of');
  });
});
