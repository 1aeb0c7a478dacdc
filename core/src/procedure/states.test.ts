import type { JobEvent } from '../job-events';
import { plainJob } from './jobs.testing';
import { procedure } from './plan';
import { stepStates } from './states';

const steps = procedure(plainJob);
let minute = 0;
const event = (
  stepId: string,
  how: 'done' | 'skipped' | 'problem' | 'undone' | 'confirmed',
  person = 'Wren',
  because?: string,
): JobEvent => ({
  id: String(++minute),
  kind: 'step',
  data: { end: 'front', stepId, how, ...(because && { because }) },
  at: new Date(Date.UTC(2026, 2, 2, 9, minute)).toISOString(),
  person,
  withdrawnAt: null,
});
const stateOf = (id: string, events: JobEvent[]) => stepStates(steps, events).find(({ step }) => step.id === id)!;

describe('where the steps stand', () => {
  it('goes by the last word on each', () => {
    expect(stateOf('parcel-look.front', []).how).toBe('open');
    const events = [
      event('parcel-look.front', 'problem', 'Wren', 'box open'),
      event('parcel-look.front', 'done', 'Tolly'),
    ];
    expect(stateOf('parcel-look.front', events)).toMatchObject({ how: 'done', person: 'Tolly', because: null });
    expect(stateOf('parcel-look.front', [...events, event('parcel-look.front', 'undone')]).how).toBe('open');
  });

  it('names what a step waits for; a skipped one lets it go on, a problem does not', () => {
    expect(stateOf('parcel-count.front', []).waitsFor).toEqual(['parcel-look.front']);
    expect(stateOf('parcel-count.front', [event('parcel-look.front', 'skipped')]).waitsFor).toEqual([]);
    expect(stateOf('parcel-count.front', [event('parcel-look.front', 'problem')]).waitsFor).toEqual([
      'parcel-look.front',
    ]);
  });

  it('takes the second person’s word only from another person, and only for what is done', () => {
    const done = event('axle-tight.front', 'done', 'Wren');
    expect(stateOf('axle-tight.front', [done])).toMatchObject({ awaitsSecond: true, confirmedBy: null });
    expect(stateOf('axle-tight.front', [done, event('axle-tight.front', 'confirmed', 'Wren')]).awaitsSecond).toBe(true);
    const both = [done, event('axle-tight.front', 'confirmed', 'Hesper')];
    expect(stateOf('axle-tight.front', both)).toMatchObject({ awaitsSecond: false, confirmedBy: 'Hesper' });
    // Done anew, it wants a new word.
    expect(stateOf('axle-tight.front', [...both, event('axle-tight.front', 'done', 'Wren')]).awaitsSecond).toBe(true);
  });

  it('leaves out what was withdrawn', () => {
    const done = { ...event('parcel-look.front', 'done'), withdrawnAt: '2026-03-02T10:00:00Z' };
    expect(stateOf('parcel-look.front', [done]).how).toBe('open');
  });
});
