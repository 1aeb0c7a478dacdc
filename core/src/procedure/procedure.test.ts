import fc from 'fast-check';

import type { EndJob, JobFacts, Step } from './contract';
import { frontEndJob, plainJob, rearEndJob, referenceJobs } from './jobs.testing';
import { batteryPlaces, schools, secondLooks, sensorKinds } from '../job-kinds';
import { procedure, stepDefinitions } from './plan';
import { inEnglish, say } from '../english.testing';

const sides = fc.subarray(['left', 'right'] as const, { minLength: 0 });
const endOf = (end: 'front' | 'rear'): fc.Arbitrary<EndJob> =>
  fc
    .record({
      brake: fc.constantFrom('rim', 'disc', 'other', 'none'),
      closed: fc.boolean(),
      laced: fc.boolean(),
      fileLeft: fc.constantFrom(0, 0.2),
      lips: sides,
      extras: sides,
      arms: sides,
      tabs: sides,
      rotorShimMm: fc.constantFrom(0, 1),
      caliperShimMm: fc.constantFrom(0, 0.5),
      sprockets: fc.constantFrom('freewheel', 'cassette', 'none'),
      cassetteSpacer: fc.boolean(),
      dressHanger: fc.boolean(),
      relieveSeat: fc.boolean(),
      chainTension: fc.boolean(),
      levelSlots: fc.boolean(),
      rimInstead: fc.boolean(),
      tabsOutside: sides,
      plates: sides,
      repin: fc.boolean(),
      regen: fc.boolean(),
      suspension: fc.boolean(),
      makerSteps: fc.constantFrom([], ['Once more.']),
      topology: fc.constantFrom('separate', 'in-hub', 'in-battery', 'all-in-wheel'),
    })
    .map(
      ({ fileLeft, ...rest }) =>
        ({
          ...(end === 'front' ? frontEndJob : rearEndJob),
          ...rest,
          cWashers: rest.closed ? [] : rest.lips,
          adapterOrder: rest.closed ? ['left end cap L9'] : [],
          tabsOutside: rest.closed ? [] : rest.tabsOutside,
          fileMm: { left: fileLeft, right: 0 },
        }) as EndJob,
    );

const anyJob: fc.Arbitrary<JobFacts> = fc.record({
  ends: fc.oneof(
    endOf('front').map((end) => [end]),
    endOf('rear').map((end) => [end]),
    fc.tuple(endOf('front'), endOf('rear')),
  ),
  school: fc.constantFrom(...schools),
  sensor: fc.constantFrom(...sensorKinds),
  battery: fc.constantFrom(...batteryPlaces),
  throttle: fc.constantFrom('none', 'thumb', 'twist'),
  display: fc.boolean(),
  cutOff: fc.boolean(),
  oldLoom: fc.boolean(),
  folds: fc.boolean(),
  secondPerson: fc.constantFrom(...secondLooks),
  packV: fc.constantFrom(null, 42),
  assistedKmh: fc.constantFrom(null, 25, 45),
  tyreFirst: fc.boolean(),
  lockedNuts: fc.boolean(),
  throttleSide: fc.constantFrom('left', 'right'),
  charging: fc.constantFrom('off-bike', 'on-bike'),
  sensorRoomMm: fc.constantFrom(null, 9),
  sensorGap: fc.constantFrom(null, { minMm: 1, maxMm: 2 }),
  stated: fc.constantFrom([], [{ fastener: 'rotor' as const, Nm: 6.2, source: 'kit sheet' }]),
});

const places = (steps: readonly Step[]) => new Map(steps.map(({ id }, index) => [id, index]));
const endsOf = ({ ends }: JobFacts) => ends.map(({ end }) => end);

/** Whenever both are in the plan, the first comes before the second. */
const always: readonly (readonly [first: string, then: string])[] = [
  ['rim-tape.E', 'tube-in.E'],
  ['tube-in.E', 'second-bead.E'],
  ['rotor-on.E', 'arm-trial.E'],
  ['rotor-tight.E', 'arm-trial.E'],
  ['seated.E', 'axle-tight.E'],
  ['cable-exit.E', 'axle-tight.E'],
  ['lips-filled.E', 'axle-tight.E'],
  ['axle-tight.E', 'seat-again.E'],
  ['tabs-in.E', 'dry-fit.E'],
  ['rotor-try.E', 'dry-fit.E'],
  ['running-clearance.E', 'wheel-in.E'],
  ['dry-fit.E', 'wheel-in.E'],
  ['rotor-on.E', 'rotor-star.E'],
  ['rotor-star.E', 'rotor-free.E'],
  ['rotor-free.E', 'rotor-tight.E'],
  ['wheel-in.E', 'seated.E'],
  ['chain-off', 'wheel-in.rear'],
  ['wheel-in.E', 'chain-on.E'],
  ['chain-tension.E', 'axle-tight.E'],
  ['adapters.E', 'rotor-on.E'],
  ['rotor-tight.E', 'end-caps.E'],
  ['tabs-outside.E', 'axle-tight.E'],
  ['lock-plates.E', 'axle-tight.E'],
  ['bar-turn', 'both-brakes'],
  ['both-brakes', 'loose-run'],
  ['lock-to-lock', 'brakes-again'],
  ['brakes-again', 'wheel-up-on'],
  ['old-wheel-out.E', 'old-loom-out'],
  ['draw-wire', 'old-loom-out'],
  ['seat-relieve.E', 'dry-fit.E'],
  ['tabs-in.E', 'axle-tight.E'],
  ['clamp-snug.E', 'axle-tight.E'],
  ['axle-tight.E', 'clamp-tight.E'],
  ['axle-tight.E', 'caliper-centre.E'],
  ['axle-tight.E', 'rim-pads.E'],
  ['ties', 'lock-to-lock'],
  ['loose-run', 'ties'],
  ['wheel-up-on', 'wheels-down'],
  ['wheels-down', 'ride-brakes'],
  ['ride-brakes', 'ride-slow'],
  ['ride-slow', 'ride-levels'],
  ['ride-hill', 'retorque.E'],
  ['old-loom-off', 'old-loom-out'],
  ['as-delivered.E', 'inside-washers.E'],
  ['came-off.E', 'keep-parts.E'],
  ['shell-drill', 'cups-tight'],
  ['grips-off', 'throttle-on'],
  ['cassette-spacer.E', 'cassette-on.E'],
  ['file-slots.E', 'dry-fit.E'],
  ['repin.E', 'pins-back'],
  ['pins-back', 'loose-run'],
];

describe('the procedure', () => {
  it('has its steps named once, with words for each', () => {
    const ids = stepDefinitions.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids.length).toBeGreaterThanOrEqual(90);
    expect(ids.length).toBeLessThanOrEqual(150);
    for (const { after } of stepDefinitions) {
      if (typeof after !== 'function') for (const id of after) expect(ids).toContain(id);
    }
  });

  it('is for nothing without an end', () => {
    expect(procedure({ ...plainJob, ends: [] })).toEqual([]);
  });

  it('keeps what must come before what, whatever the job', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const place = places(procedure(job));
        const wrong = endsOf(job).flatMap((end) =>
          always
            .map((pair) => pair.map((id) => id.replace('.E', `.${end}`)) as [string, string])
            .filter(([one, other]) => place.has(one) && place.has(other) && place.get(one)! >= place.get(other)!),
        );
        expect(wrong).toEqual([]);
      }),
      { numRuns: 2000 },
    );
  });

  it('checks shoulders, cable and lips before the nuts, and the seat after them', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const steps = procedure(job);
        const place = places(steps);
        for (const end of job.ends) {
          const seated = steps.find(({ id }) => id === `seated.${end.end}`)!;
          expect(seated.checks.slice(0, 3).map(({ id }) => id)).toEqual(['shoulders', 'cable-free', 'lip-seat']);
          for (const side of end.cWashers.length ? ['lips-filled'] : []) {
            expect(place.get(`${side}.${end.end}`)!).toBeLessThan(place.get(`seated.${end.end}`)!);
          }
          expect(place.get(`seat-again.${end.end}`)!).toBeGreaterThan(place.get(`axle-tight.${end.end}`)!);
        }
      }),
    );
  });

  it('leaves no fastener on trial at the end, and locks no thread that is re-torqued', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const torques = procedure(job).flatMap(({ id, end, checks }) =>
          checks.flatMap((check) => (check.kind === 'torque' ? [{ step: id, end, ...check }] : [])),
        );
        for (const check of torques.filter(({ how }) => how === 'trial')) {
          const later = torques.filter(
            (other) => other.id === check.id && other.end === check.end && other.how === 'final',
          );
          expect([check.step, later.length > 0]).toEqual([check.step, true]);
          expect(torques.indexOf(later[0]!)).toBeGreaterThan(torques.indexOf(check));
        }
        const again = torques.filter(({ step }) => step.startsWith('retorque'));
        // Thread-locked nuts are a school: they are renewed when they are re-torqued.
        const nuts = ['nut-left', 'nut-right'];
        for (const check of torques.filter(
          ({ threadLock, id }) => threadLock && !(job.lockedNuts && nuts.includes(id)),
        )) {
          expect(again.some((other) => other.id === check.id && other.end === check.end)).toBe(false);
        }
      }),
    );
  });

  it('has the pack out between powered checks, and never spins a hub that is not held', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const steps = procedure(job);
        const place = places(steps);
        for (const step of steps.filter(({ powered, station }) => powered && station !== 'ride')) {
          const words = step.checks.map((check) => ('what' in check ? say(check.what).toLowerCase() : ''));
          expect([step.id, words.some((what) => what.includes('out'))]).toEqual([step.id, true]);
          if (step.id === 'bench-connect') expect(step.cautions.map(say).join(' ')).toMatch(/never spun under power/);
          else
            for (const end of endsOf(job)) expect(place.get(step.id)!).toBeGreaterThan(place.get(`axle-tight.${end}`)!);
        }
      }),
    );
  });

  it('asks a second person only where the shop does, and then before the first ride', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const asked = secondAsked({ ...job, throttle: 'none' });
        expect(asked.length > 0).toBe(job.secondPerson !== 'none');
        if (job.secondPerson !== 'none') expect(asked.map(({ step }) => step.id)).toContain('wheels-down');
      }),
    );
  });

  it('asks one at every step that safety hangs on, and at no other, where the shop wants it so', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const every = secondAsked({ ...job, secondPerson: 'every' }).map(({ step }) => step.id);
        const safe = procedure(job).filter(({ safety }) => safety);
        expect(every).toEqual(safe.map(({ id }) => id));
        const telling = secondAsked({ ...job, secondPerson: 'telling' });
        expect(telling.length).toBeLessThan(every.length);
        // What the next step covers up is looked at there and then, whatever else is looked at later.
        const atOnce = secondAsked({ ...job, secondPerson: 'every' }).filter(({ check }) => check.atOnce);
        expect(atOnce).toEqual(telling);
      }),
    );
  });

  it('has the same steps in both schools, in another order', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const ids = (school: JobFacts['school']) => procedure({ ...job, school }).map(({ id }) => id);
        const [wheel, bar] = [ids('wheel-first'), ids('bar-first')];
        expect([...bar].sort()).toEqual([...wheel].sort());
        expect(bar.indexOf('levers-trial')).toBeLessThan(bar.indexOf(`dry-fit.${job.ends[0]!.end}`));
        expect(wheel.indexOf('levers-trial')).toBeGreaterThan(wheel.indexOf(`dry-fit.${job.ends[0]!.end}`));
      }),
    );
  });

  it('says why a step is in this plan whenever not every plan has it', () => {
    const lips = procedure(referenceJobs['front-rim-lips']!.job).find(({ id }) => id === 'lips-filled.front')!;
    expect(lips.because?.said).toBe('procedure.because-nut-would-stand-on-retaining');
    expect(procedure(plainJob).find(({ id }) => id === 'lips-filled.front')).toBeUndefined();
  });

  it('tries the bare wheel before tyre, rotor bolts and thread-lock, unless the school says tyre first', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const place = places(procedure(job));
        for (const end of endsOf(job)) {
          const dry = place.get(`dry-fit.${end}`)!;
          for (const id of ['tube-in', 'rotor-on', 'rotor-tight', 'freewheel-on', 'cassette-on']) {
            const at = place.get(`${id}.${end}`);
            if (at !== undefined) expect([id, at > dry]).toEqual([id, !job.tyreFirst]);
          }
        }
      }),
    );
  });

  it('locks only what is not re-torqued, or renews it then', () => {
    const nuts = (job: JobFacts) =>
      procedure(job)
        .flatMap(({ checks }) => checks)
        .filter((check) => check.kind === 'torque' && check.id === 'nut-left');
    expect(nuts(plainJob).every((check) => check.kind === 'torque' && !check.threadLock)).toBe(true);
    const locked = procedure({ ...plainJob, lockedNuts: true });
    expect(locked.find(({ id }) => id === 'axle-tight.front')!.checks).toContainEqual(
      expect.objectContaining({ id: 'nut-left', threadLock: true }),
    );
    expect(locked.find(({ id }) => id === 'retorque.front')!.checks.map(({ id }) => id)).toContain('renewed');
  });

  it('lets a maker’s torque go before the workshop’s own', () => {
    const own = (job: JobFacts, id: string, check: string) =>
      procedure(job)
        .find((step) => step.id === id)!
        .checks.find((item) => item.id === check);
    const stated = [
      { fastener: 'stem' as const, Nm: 6.5, source: 'the stem’s maker' },
      { fastener: 'pedal' as const, Nm: 30, upTo: true, source: 'the crank’s maker' },
    ];
    const job = { ...plainJob, stated };
    expect(own(plainJob, 'fasteners', 'stem')).toMatchObject({ nm: 5, mostNm: 6, source: null });
    expect(own(job, 'fasteners', 'stem')).toMatchObject({ nm: 6.5, mostNm: 6.5, source: 'the stem’s maker' });
    // "Up to": less than ours is the aim, more than ours is room.
    expect(own(job, 'fasteners', 'pedals')).toMatchObject({ nm: 30, mostNm: 30 });
  });

  it('writes down what cannot be taken back, with how much', () => {
    const job = { ...plainJob, ends: [{ ...frontEndJob, fileMm: { left: 0.25, right: 0 }, relieveSeat: true }] };
    const changed = procedure(job).flatMap(({ irreversible }) => inEnglish(irreversible));
    expect(changed).toContainEqual({
      what: 'filed',
      where: 'left slot',
      spot: 'left-slot',
      amountMm: 0.25,
      feature: 'filed.left',
    });
    expect(changed.map(({ where }) => where)).toEqual(['left slot', 'left seat', 'right seat']);
  });

  it('asks for the owner’s signed reason when a throttle goes without cut-off, and says how far it pushes on', () => {
    const steps = procedure({ ...plainJob, throttle: 'thumb', cutOff: false, secondPerson: 'none' });
    const sign = steps.find(({ id }) => id === 'no-cut-off')!;
    expect(sign).toMatchObject({ signed: true, safety: true });
    // 25 km/h for 0.8 s.
    expect(say(sign.why)).toContain('5.6 m');
    expect(steps.some(({ id }) => id === 'cut-off')).toBe(false);
    // Without a throttle there is nothing to sign, and no false tick.
    const without = procedure({ ...plainJob, throttle: 'none', cutOff: false });
    expect(without.some(({ id }) => id === 'cut-off' || id === 'no-cut-off')).toBe(false);
  });
});

/** Where a plan asks for a second person, and for what. */
function secondAsked(job: JobFacts) {
  return procedure(job).flatMap(({ checks, ...step }) =>
    checks.flatMap((check) => (check.kind === 'second-person' ? [{ step: { id: step.id }, check }] : [])),
  );
}

describe.each(Object.entries(referenceJobs))('reference job %s', (_, { job, contains, lacks, precedes }) => {
  const place = places(procedure(job));

  it('has what it must have and nothing that it must not have', () => {
    expect(contains.filter((id) => !place.has(id))).toEqual([]);
    expect(lacks.filter((id) => place.has(id))).toEqual([]);
    // A list that forbids steps which do not exist would forbid nothing.
    const known = new Set(stepDefinitions.map(({ id }) => id));
    for (const id of lacks) expect(known).toContain(id.replace(/\.(front|rear)$/, ''));
  });

  it.each(precedes)('does %s before %s, in both schools', (first, then) => {
    for (const school of schools) {
      const both = places(procedure({ ...job, school }));
      expect(both.has(first) && both.has(then)).toBe(true);
      expect(both.get(first)!).toBeLessThan(both.get(then)!);
    }
  });
});
