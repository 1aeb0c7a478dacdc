import { axleAt, type End } from '../model';
import { activeEnd, chosenWheel, chosenWheelId, type Choice } from './choices';

let minute = 0;
const choice = (end: End, wheelId: string | null, withdrawnAt: string | null = null): Choice => ({
  place: axleAt(end),
  kind: wheelId ? 'wheel' : 'place',
  wheelId,
  chosenAt: new Date(Date.UTC(2026, 2, 2, 9, ++minute)).toISOString(),
  withdrawnAt,
});
const back = '2026-03-02T18:00:00.000Z';

describe('what was chosen', () => {
  it('is what was chosen last, for each end by itself', () => {
    const choices = [choice('front', 'a'), choice('rear', 'b'), choice('front', 'c')];
    expect(chosenWheelId(choices, 'front')).toBe('c');
    expect(chosenWheelId(choices, 'rear')).toBe('b');
    expect(chosenWheelId([], 'rear')).toBeNull();
  });

  it('is what stood before when it is taken back; nothing when nothing did', () => {
    const first = choice('front', 'a');
    expect(chosenWheel([first, choice('front', 'b', back)], 'front')).toBe(first);
    expect(chosenWheelId([choice('front', 'b', back)], 'front')).toBeNull();
  });

  it('leads the work to the end chosen last that holds', () => {
    const readings = [{ place: 'rear-axle', takenAt: '2026-03-01T09:00:00.000Z' }] as never;
    expect(activeEnd({ choices: [choice('front', null)], readings })).toBe('front');
    expect(activeEnd({ choices: [choice('front', null, back)], readings })).toBe('rear');
    expect(activeEnd({ choices: [choice('rear', null), choice('front', null, back)], readings: [] })).toBe('rear');
  });
});
