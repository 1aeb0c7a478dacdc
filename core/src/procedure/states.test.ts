import type { JobEvent } from '../job-events';
import { plainJob, referenceJobs } from './jobs.testing';
import { procedure } from './plan';
import { saysSomething, stepStates } from './states';

const steps = procedure(plainJob);
let minute = 0;
const event = (
  stepId: string,
  how: 'done' | 'skipped' | 'problem' | 'undone' | 'confirmed' | 'stood-in',
  person = 'Wren',
  because?: string,
): JobEvent => ({
  id: String(++minute),
  kind: 'step',
  place: 'front-axle',
  data: { stepId, how, ...(because && { because }) },
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

  it('keeps what was read first beside what replaced it, and every problem', () => {
    const read = (value: number, person: string): JobEvent => {
      const done = event('axle-tight.front', 'done', person);
      return { ...done, data: { ...done.data, readings: [{ check: 'nut-left', value }] } } as JobEvent;
    };
    const first = read(38, 'Wren');
    const again = event('axle-tight.front', 'undone');
    expect(stateOf('axle-tight.front', [first, again, read(38, 'Wren')]).replaced).toEqual([]);
    const state = stateOf('axle-tight.front', [first, again, read(40, 'Tolly')]);
    expect(state.readings).toEqual([{ check: 'nut-left', value: 40 }]);
    expect(state.replaced).toEqual([{ check: 'nut-left', value: 38, person: 'Wren', at: first.at }]);
    // A figure that is no longer given was given all the same.
    const silent = stateOf('axle-tight.front', [first, event('axle-tight.front', 'done')]);
    expect(silent.replaced.map(({ value }) => value)).toEqual([38]);
    const problem = event('axle-tight.front', 'problem', 'Wren', 'the nut turns on');
    expect(stateOf('axle-tight.front', [problem, read(40, 'Wren')])).toMatchObject({
      how: 'done',
      problems: [{ because: 'the nut turns on', person: 'Wren', at: problem.at }],
    });
  });

  it('names what a step waits for; a skipped one lets it go on, a problem does not', () => {
    expect(stateOf('parcel-count.front', []).waitsFor).toEqual(['parcel-look.front']);
    expect(stateOf('parcel-count.front', [event('parcel-look.front', 'skipped')]).waitsFor).toEqual([]);
    expect(stateOf('parcel-count.front', [event('parcel-look.front', 'problem')]).waitsFor).toEqual([
      'parcel-look.front',
    ]);
  });

  it('does not take a skipped safety step for an ended one: power, ride and hand-over wait until somebody stands in', () => {
    const after = (id: string) => steps.findIndex((step) => step.id === id);
    for (const safety of ['seated.front', 'axle-tight.front', 'both-brakes']) {
      for (const waiting of ['loose-run', 'wheel-up-on', 'ride-brakes', 'explain']) {
        if (after(waiting) < after(safety)) continue;
        const all = steps.slice(0, after(waiting)).map(({ id }) => event(id, id === safety ? 'skipped' : 'done'));
        const seen = stepStates(steps, all)
          .filter(({ awaitsSecond }) => awaitsSecond)
          .map(({ step }) => event(step.id, 'confirmed', 'Hesper'));
        expect([waiting, stateOf(waiting, [...all, ...seen]).waitsFor]).toEqual([waiting, [safety]]);
        const stood = event(safety, 'stood-in', 'Odile', 'The fork’s maker fits its own nuts and sets them');
        expect(stateOf(waiting, [...all, ...seen, stood]).waitsFor).toEqual([]);
      }
    }
  });

  it('goes by when the server had a word, not by what a phone’s clock says', () => {
    const early = { ...event('parcel-look.front', 'done'), receivedAt: '2026-03-02T12:00:00.000Z' };
    const late = { ...event('parcel-look.front', 'problem'), receivedAt: '2026-03-02T12:00:01.000Z' };
    const behind = { ...late, at: '2020-01-01T00:00:00.000Z' };
    expect(stateOf('parcel-look.front', [behind, early]).how).toBe('problem');
    // What is still on its way is the latest of all.
    expect(stateOf('parcel-look.front', [event('parcel-look.front', 'undone'), early]).how).toBe('open');
  });

  it('takes no safety step on the word of another shop until the owner here answers for it', () => {
    const safety = steps.find((step) => step.safety)!.id;
    const told = { ...event(safety, 'done', 'Stranger'), imported: true };
    const seen = { ...event(safety, 'confirmed', 'Other'), imported: true };
    const apart = { how: 'open', person: null, confirmedBy: null, elsewhere: { person: 'Other', at: seen.at } };
    expect(stateOf(safety, [told, seen])).toMatchObject(apart);
    // A wrong thing is wrong whoever says so.
    expect(stateOf(safety, [{ ...event(safety, 'problem'), imported: true }]).how).toBe('problem');
    const plain = steps.find((step) => !step.safety)!.id;
    expect(stateOf(plain, [{ ...event(plain, 'done'), imported: true }]).how).toBe('done');
    const word = { ...event('', 'done'), kind: 'vouched', data: { because: 'Our other shop, same people and tools' } };
    expect(stateOf(safety, [told, seen, word as JobEvent])).toMatchObject({ how: 'done', elsewhere: null });
    // The word of the other shop's owner came in with the file, too.
    expect(stateOf(safety, [told, seen, { ...word, imported: true } as JobEvent])).toMatchObject(apart);
    expect(stateOf(safety, [told, word as JobEvent, { ...word, withdrawnAt: word.at } as JobEvent]).how).toBe('done');
    expect(stateOf(safety, [told, { ...word, withdrawnAt: word.at } as JobEvent]).how).toBe('open');
  });

  it('takes a reason only when it says something', () => {
    for (const empty of ['no', 'ok ok ok ok ok ok ok ok', 'aaaaaaaaaaaaaaaaaaaaaaaa', 'not needed']) {
      expect([empty, saysSomething(empty)]).toEqual([empty, false]);
    }
    expect(saysSomething('The lever has no switch; the rider brakes first')).toBe(true);
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

  describe('where every safety step is looked at', () => {
    const plan = procedure({ ...plainJob, secondPerson: 'every' });
    const at = (id: string) => plan.findIndex((step) => step.id === id);
    const doneBefore = (id: string) => plan.slice(0, at(id)).map((step) => event(step.id, 'done'));
    const waits = (id: string, events: JobEvent[]) =>
      stepStates(plan, events).find(({ step }) => step.id === id)!.waitsFor;
    const looked = (events: JobEvent[]) =>
      stepStates(plan, events)
        .filter(({ awaitsSecond }) => awaitsSecond)
        .map(({ step }) => event(step.id, 'confirmed', 'Hesper'));

    it('lets the work go on, but no power before somebody has looked', () => {
      const work = doneBefore('lock-to-lock');
      const firstPower = plan.find(({ powered, station }) => powered && station === 'wiring')!.id;
      const before = doneBefore(firstPower);
      expect(waits(plan[at('seated.front') + 1]!.id, doneBefore(plan[at('seated.front') + 1]!.id))).toEqual([]);
      expect(waits(firstPower, before)).toEqual(expect.arrayContaining(['seated.front', 'axle-tight.front']));
      expect(waits(firstPower, [...before, ...looked(before)])).toEqual([]);
      expect(work.length).toBeGreaterThan(before.length);
    });

    it('lets nobody ride, and nobody take the bike, on one person’s word', () => {
      for (const id of ['ride-brakes', 'ride-slow', 'explain']) {
        const before = doneBefore(id);
        const unseen = waits(id, before);
        expect([id, unseen]).toEqual([id, expect.arrayContaining(['axle-tight.front', 'wheels-down'])]);
        expect(waits(id, [...before, ...looked(before)])).toEqual([]);
      }
      // On the ride itself nobody stands by.
      const ridden = doneBefore('ride-slow');
      const seen = [...ridden, ...looked(doneBefore('ride-brakes'))];
      expect(waits('ride-slow', seen)).toEqual([]);
      expect(waits('explain', [...seen, ...doneBefore('explain').slice(ridden.length)])).toContain('ride-brakes');
    });

    it('holds for every reference job: nothing unseen lies before it in an earlier station', () => {
      for (const { job } of Object.values(referenceJobs)) {
        const steps = procedure({ ...job, secondPerson: 'every' });
        for (const state of stepStates(
          steps,
          steps.map((step) => event(step.id, 'done')),
        )) {
          if (!state.step.powered && state.step.station !== 'ride') continue;
          const earlier = steps.slice(0, steps.indexOf(state.step));
          const unseen = earlier.filter(({ safety, station }) => safety && station !== state.step.station);
          expect(state.waitsFor).toEqual(expect.arrayContaining(unseen.map(({ id }) => id)));
        }
      }
    });
  });

  it('leaves out what was withdrawn', () => {
    const done = { ...event('parcel-look.front', 'done'), withdrawnAt: '2026-03-02T10:00:00Z' };
    expect(stateOf('parcel-look.front', [done]).how).toBe('open');
  });
});
