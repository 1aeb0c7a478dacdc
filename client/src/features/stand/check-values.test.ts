import { asWritten } from '@cricket/core/said';
import type { Step, StepCheck } from '@cricket/core/procedure';

import { asRecorded, checkState, mayBeDone, missingParts, noValues, readingsOf } from './check-values';
import { notReady } from './not-ready';

const confirm: StepCheck = { kind: 'confirm', id: 'seated', what: asWritten('Seated') };
const torque: StepCheck = {
  kind: 'torque',
  id: 'nut',
  what: asWritten('Nut'),
  nm: 40,
  mostNm: 45,
  source: null,
  how: 'final',
  threadLock: false,
};
const gap: StepCheck = { kind: 'measure', id: 'gap', what: asWritten('Gap'), unit: 'mm', min: 1, max: null };
const parts: StepCheck = { kind: 'count', id: 'nuts', what: asWritten('Nuts'), count: 2 };
const photo: StepCheck = { kind: 'photo', id: 'p', what: asWritten('Photo'), about: 'parcel' };
const figures = (values: Record<string, number>) => ({ ...noValues, figures: values });

describe('the checks of a step', () => {
  it.each([
    [confirm, noValues, 'open'],
    [confirm, { ...noValues, ticked: { seated: true } }, 'held'],
    [torque, figures({ nut: 40 }), 'held'],
    [torque, figures({ nut: 43 }), 'held'],
    // Over the plan and within what the fastener may get is done; over that it is renewed.
    [torque, figures({ nut: 45 }), 'held'],
    [torque, figures({ nut: 45.5 }), 'against'],
    [torque, figures({ nut: 30 }), 'against'],
    [gap, figures({ gap: 1 }), 'held'],
    [gap, figures({ gap: 0.9 }), 'against'],
    [parts, figures({ nuts: 1 }), 'against'],
    [photo, noValues, 'held'],
  ] as const)('stand as they are entered', (check, values, state) => {
    expect(checkState(check, values)).toBe(state);
  });

  it('must each be held where safety hangs on the step', () => {
    const step = { checks: [confirm, photo], safety: true };
    expect(mayBeDone(step, noValues)).toEqual({ may: false, open: [confirm], against: [] });
    expect(mayBeDone(step, { ...noValues, ticked: { seated: true } }).may).toBe(true);
  });

  it('are held with the one touch that ends a safety step on a card, but no figure is', () => {
    expect(mayBeDone({ checks: [confirm, photo], safety: true }, noValues, 'with-the-step').may).toBe(true);
    const open = mayBeDone({ checks: [confirm, torque], safety: true }, noValues, 'with-the-step');
    expect(open).toEqual({ may: false, open: [torque], against: [] });
    expect(mayBeDone({ checks: [gap], safety: true }, figures({ gap: 0.4 }), 'with-the-step').may).toBe(false);
  });

  it('are looked at with one touch elsewhere, but a torque or a figure is always entered', () => {
    expect(mayBeDone({ checks: [confirm], safety: false }, noValues).may).toBe(true);
    expect(mayBeDone({ checks: [torque], safety: false }, noValues)).toEqual({
      may: false,
      open: [torque],
      against: [],
    });
    const short = mayBeDone({ checks: [gap], safety: false }, figures({ gap: 0.4 }));
    expect(short).toEqual({ may: false, open: [], against: [gap] });
    // The button says which figure it is, not that all is right.
    expect(notReady(short)).toBe('Does not hold: Gap');
    expect(notReady(mayBeDone({ checks: [torque], safety: false }, noValues))).toBe('1 to check');
    expect(notReady(mayBeDone({ checks: [gap], safety: false }, figures({ gap: 1.4 })))).toBeNull();
  });

  it('never call a short parcel all right, and name what is missing', () => {
    const step = { checks: [parts], safety: false };
    expect(mayBeDone(step, figures({ nuts: 1 })).may).toBe(false);
    expect(missingParts(step, figures({ nuts: 1 }))).toEqual([{ what: 'Nuts', got: 1, count: 2 }]);
    const enough: Record<string, number>[] = [{}, { nuts: 2 }, { nuts: 3 }];
    for (const came of enough) {
      expect(mayBeDone(step, figures(came)).may).toBe(true);
      expect(missingParts(step, figures(came))).toEqual([]);
    }
    expect(readingsOf(figures({ nuts: 3 }))).toEqual([{ check: 'nuts', value: 3 }]);
  });
});

describe('a step as it was recorded', () => {
  const step = { checks: [gap, { kind: 'confirm', id: 'free', what: asWritten('It turns free') }] } as unknown as Step;

  it('shows its figures and looks again, and may stand as it is', () => {
    const values = asRecorded({ step, how: 'done', readings: [{ check: 'gap', value: 1.4 }] });
    expect(values).toEqual({ ticked: { gap: true, free: true }, figures: { gap: 1.4 } });
    expect(mayBeDone({ ...step, safety: true }, values)).toEqual({ may: true, open: [], against: [] });
  });

  it('begins empty while it is open or has a problem', () => {
    for (const how of ['open', 'problem'] as const) {
      expect(asRecorded({ step, how, readings: [{ check: 'gap', value: 1.4 }] })).toEqual(noValues);
    }
  });
});
