import { groupOf, saysOf } from './journal-line';

describe('a row of the journal', () => {
  it('says what happened in a few words', () => {
    expect(
      saysOf({
        action: 'event-step',
        before: null,
        after: { kind: 'step', data: { end: 'front', stepId: 'axle-tight.front', how: 'done' } },
      }),
    ).toBe('Step: front axle-tight.front done');
    expect(saysOf({ action: 'reading', before: null, after: { end: 'rear', feature: 'plate.left', valueMm: 5 } })).toBe(
      'Reading: rear plate.left 5 mm',
    );
    expect(saysOf({ action: 'bike-out', before: null, after: null })).toBe('Bike out');
  });

  it('belongs to a group', () => {
    expect(['reading-withdrawn', 'event-note', 'photo', 'order'].map((action) => groupOf({ action }))).toEqual([
      'reading',
      'event',
      'photo',
      'other',
    ]);
  });
});
