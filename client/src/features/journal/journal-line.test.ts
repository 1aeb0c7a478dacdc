import { toldFeatures } from '@cricket/core/told';

import { toldNames } from '../../job/told/told-names';
import { groupOf, saysOf } from './journal-line';

describe('a row of the journal', () => {
  it('says what happened in a few words', () => {
    expect(
      saysOf({
        action: 'event-step',
        before: null,
        after: { kind: 'step', data: { end: 'front', stepId: 'axle-tight.front', how: 'done' } },
      }),
    ).toBe('Step: front · axle tight, front · done');
    expect(saysOf({ action: 'reading', before: null, after: { end: 'rear', feature: 'plate.left', valueMm: 5 } })).toBe(
      'Reading: rear · left plate at the seat · 5 mm',
    );
    const word = { end: 'front', feature: 'material', word: 'aluminium-unsure' };
    expect(saysOf({ action: 'reading', before: null, after: word })).toBe(
      'Reading: front · what the dropouts are made of · Aluminium, not sure which',
    );
    expect(saysOf({ action: 'bike-out', before: null, after: null })).toBe('Bike out');
  });

  it('says which place of the bike it was, and nothing of the whole bike', () => {
    const step = (place: string) => ({ place, kind: 'step', data: { stepId: 'seated', how: 'done' } });
    const said = (place: string) => saysOf({ action: 'event-step', before: null, after: step(place) });
    expect(said('rear-axle')).toBe('Step: rear · seated · done');
    expect(said('bar')).toBe('Step: handlebar · seated · done');
    expect(said('bike')).toBe('Step: seated · done');
  });

  it('says what take-in told anew', () => {
    const before = { riderKg: 70, job: { school: 'wheel-first' } };
    const after = { riderKg: 72, loadKg: 8, job: { school: 'wheel-first', folds: true } };
    expect(saysOf({ action: 'taken-in', before, after })).toBe('Take-in: weight of the rider, load, whether it folds');
    for (const feature of toldFeatures) expect(toldNames).toHaveProperty([feature]);
  });

  it('calls a step what the plan calls it', () => {
    const after = { data: { end: 'rear', stepId: 'axle-tight.rear', how: 'stood-in', because: 'key broken' } };
    const titles = new Map([['axle-tight.rear', 'Axle nuts to their torque']]);
    expect(saysOf({ action: 'event-step', before: null, after }, titles)).toBe(
      'Step: rear · Axle nuts to their torque · not done, stood in for · key broken',
    );
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
