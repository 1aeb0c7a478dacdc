import { frontReadings } from '../end-fit/front-end.testing';
import { inventedBike, inventedKit, inventedStores } from '../fit/invented.testing';
import type { JobEvent } from '../job-events';
import type { Place } from '../model';
import { endState, type AcceptedStack, type Workshop } from '../next-action';
import { frontWheel } from '../end-fit/front-end.testing';
import { jobTime, secondLooks, stepFigures, procedure } from '../procedure';
import { jobOf } from './job-of';
import { jobState, nextOfJob, type JobRecord } from './next-of-job';

const wheel = { ...frontWheel, kit: inventedKit };
const workshop: Workshop = { wheels: [wheel], stores: inventedStores };
const choice = {
  place: 'front-axle' as Place,
  kind: 'wheel' as const,
  wheelId: wheel.id,
  chosenAt: '2026-03-02T10:00:00Z',
};
const accepted: AcceptedStack = {
  place: 'front-axle',
  wheelId: wheel.id,
  acceptedAt: '2026-03-02T12:00:00Z',
  left: [],
  right: [],
  rotorShimMm: 0,
  caliperShimMm: 0,
};
const measured: JobRecord = { readings: frontReadings(), choices: [choice], stacks: [], bike: inventedBike };
const taken: JobRecord = { ...measured, stacks: [accepted] };

let minute = 0;
const step = (stepId: string, how: 'done' | 'problem' = 'done', person = 'Wren'): JobEvent => ({
  id: String(++minute),
  kind: 'step',
  place: 'front-axle',
  data: { stepId, how },
  at: new Date(Date.UTC(2026, 2, 2, 13, minute)).toISOString(),
  person,
  withdrawnAt: null,
});
const next = (record: JobRecord, shop: Workshop = workshop) => jobState(record, shop).next;
const plan = (() => {
  const state = endState(taken, 'front', workshop);
  return procedure(jobOf(inventedBike, { front: state }, 'front', { secondPerson: 'none' })!, stepFigures(undefined));
})();

describe('hours of a job', () => {
  it('are the same at the fit and at the stand, whoever looks twice and whatever was taken', () => {
    const logged = {
      [plan[0]!.id]: { count: 4, sumLog: 4 * Math.log(40) },
      [plan[9]!.id]: { count: 2, sumLog: 2 * Math.log(9) },
    };
    for (const secondPerson of secondLooks) {
      for (const record of [measured, taken, { ...taken, stacks: [{ ...accepted, left: ['tabbed-2'], right: [] }] }]) {
        const state = endState(record, 'front', { ...workshop, secondPerson, logged });
        const job = jobOf(inventedBike, { front: state }, 'front', { secondPerson })!;
        const { p50, p90 } = jobTime(procedure(job, stepFigures(undefined)), logged);
        expect([state.fit!.minutes, state.fit!.slowMinutes]).toEqual([Math.round(p50), Math.round(p90)]);
      }
    }
  });
});

describe('what comes next in a job', () => {
  it('is what the end asks for until a stack is taken', () => {
    expect(next({ ...measured, readings: [] })).toEqual(
      endState({ ...measured, readings: [] }, 'front', workshop).next,
    );
    expect(next(measured).kind).toBe('accept');
  });

  it('is what was ordered and is not here, until somebody has begun', () => {
    const orders = [
      { place: 'front-axle', what: 'Kit FW-9', state: 'ordered' as const },
      { place: 'front-axle', what: 'Rim tape', state: 'ordered' as const },
      { place: 'rear-axle', what: 'Chain', state: 'ordered' as const },
      { place: 'front-axle', what: 'Shim', state: 'received' as const },
    ];
    expect(next({ ...taken, orders })).toEqual({
      kind: 'awaited',
      end: 'front',
      wheelCode: wheel.code,
      what: 'Kit FW-9',
      count: 2,
    });
    expect(next({ ...taken, orders, events: [step(plan[0]!.id)] }).kind).toBe('stand');
  });

  it('goes on at the stand step by step to the end of the plan, and then is care', () => {
    const events: JobEvent[] = [];
    for (const [index, { id, title }] of plan.entries()) {
      const before = next({ ...taken, events });
      if (id === 'appointment') break;
      expect(before).toMatchObject({ kind: 'stand', of: plan.length, done: index });
      // Never further on than the first that is open.
      expect(plan.findIndex((each) => each.id === (before as { stepId: string }).stepId)).toBeGreaterThanOrEqual(0);
      if ((before as { stepId: string }).stepId === id) expect(before).toMatchObject({ title, at: index + 1 });
      events.push(step((before as { stepId: string }).stepId));
    }
    events.push(step('appointment'));
    expect(next({ ...taken, events }).kind).toBe('care');
  });

  it('is a problem where nothing else is left to do before it', () => {
    const events = plan.filter(({ id }) => id !== 'appointment').map(({ id }) => step(id));
    events.push(step('appointment', 'problem'));
    expect(next({ ...taken, events })).toMatchObject({ kind: 'stand', stepId: 'appointment', waits: 'problem' });
  });

  it('is worked out anew from a state that is known', () => {
    const state = endState(taken, 'front', workshop);
    expect(nextOfJob(taken, state, workshop)).toEqual(next(taken));
  });
});
