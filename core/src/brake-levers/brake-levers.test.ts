import fc from 'fast-check';

import { brakeLevers, type BrakeLeversInput, type LeverWay, type OwnLever } from '.';
import { say } from '../english.testing';

const own = (end: 'front' | 'rear', change: Partial<OwnLever> = {}): OwnLever => ({
  end,
  pull: 'long',
  oneWithShifter: false,
  cutOff: false,
  ...change,
});
const input: BrakeLeversInput = {
  brakes: { front: { kind: 'rim', pull: 'long' }, rear: { kind: 'rim', pull: 'long' } },
  levers: [own('front'), own('rear')],
  kit: [],
  switches: [],
  throttle: true,
  drive: { stopMs: 500, assistedKmh: 25 },
};
const kit = [
  { id: 'kit left', pull: 'long' as const, cutOff: true },
  { id: 'kit right', pull: 'long' as const, cutOff: true },
];
const inLine = { id: 'in the cable', kind: 'in-line' as const };
const atLever = { id: 'at the lever', kind: 'at-lever' as const };
const doings = (ways: readonly LeverWay[]) => ways.map((way) => way.do);
const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;

describe('brake levers', () => {
  it('stop a throttle that nothing cuts, and say how far it runs on', () => {
    const result = brakeLevers(input);
    expect(result).toMatchObject({ verdict: 'stop', cutsMotor: false });
    expect(result.runOnM).toBeCloseTo(0.5 * (25 / 3.6), 9);
    expect(result.findings[0]).toMatchObject({ id: 'cut-off', verdict: 'stop' });
    expect(say(result.findings[0]!.because)).toContain('3.5 m');
    expect(brakeLevers({ ...input, throttle: false }).verdict).toBe('goes');
  });

  it('are kept with a switch where one is there: one is enough, and the other end stays as it is', () => {
    const result = brakeLevers({ ...input, switches: [inLine], kit });
    expect(result.verdict).toBe('goes');
    expect(doings(result.chosen).sort()).toEqual(['keep', 'switch']);
    expect(result.chosen.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(6);
  });

  it('are replaced where the kit brings what fits, and both brakes are held afterwards', () => {
    const result = brakeLevers({ ...input, kit });
    expect(result).toMatchObject({ verdict: 'work', cutsMotor: true });
    expect(doings(result.chosen).sort()).toEqual(['keep', 'replace']);
    const replaced = result.chosen.find((way) => way.do === 'replace')!;
    expect(replaced.steps).toEqual(['lever-off', 'lever-on', 'cable-new', 'switch-trial', 'bite', 'hold']);
    expect(replaced.buy).toEqual(['cable']);
    expect(say(result.findings.find(({ id }) => id === 'moved')!.remedies.at(-1)!)).toContain('Hold each brake');
  });

  it('never serve a hydraulic brake by cable, nor have a switch in a cable that is not there', () => {
    const hydraulic: BrakeLeversInput = {
      ...input,
      brakes: { front: { kind: 'rotor', pull: 'hydraulic' }, rear: { kind: 'rotor', pull: 'hydraulic' } },
      levers: [own('front', { pull: 'hydraulic' }), own('rear', { pull: 'hydraulic' })],
      kit,
      switches: [inLine],
    };
    const stopped = brakeLevers(hydraulic);
    expect(stopped.verdict).toBe('stop');
    for (const way of stopped.ways.front) if (way.do !== 'keep') expect(way.verdict).toBe('stop');
    expect(brakeLevers({ ...hydraulic, switches: [inLine, atLever] })).toMatchObject({ verdict: 'goes' });
  });

  it('that are one piece with a shifter are not taken off for nothing', () => {
    const both = { oneWithShifter: true };
    const levers = [own('front', both), own('rear', both)];
    const result = brakeLevers({ ...input, levers, kit, switches: [atLever] });
    expect(result.chosen.some((way) => way.switch === 'at the lever')).toBe(true);
    expect(doings(result.chosen)).not.toContain('replace');
    const only = brakeLevers({ ...input, levers, kit });
    expect(only.chosen.find((way) => way.do === 'replace')!.buy).toEqual(['cable', 'shifter']);
  });

  it('must pull what the brake needs', () => {
    const short = { ...input, brakes: { ...input.brakes, rear: { kind: 'rotor' as const, pull: 'short' as const } } };
    expect(brakeLevers({ ...short, throttle: false }).findings[0]).toMatchObject({ id: 'lever.rear', verdict: 'stop' });
    const fitting = [{ id: 'short', pull: 'short' as const, cutOff: true }];
    expect(brakeLevers({ ...short, kit: fitting })).toMatchObject({ verdict: 'work', cutsMotor: true });
  });

  it('that change hands take cables along, or are bled', () => {
    const swapped = brakeLevers({ ...input, throttle: false, swap: true });
    expect(swapped.chosen.map(({ bleed, tools }) => [bleed, tools])).toEqual([
      [false, ['hex-5', 'cable-cutter']],
      [false, ['hex-5', 'cable-cutter']],
    ]);
    const fluid: BrakeLeversInput = {
      ...input,
      throttle: false,
      swap: true,
      brakes: { front: { kind: 'rotor', pull: 'hydraulic' }, rear: { kind: 'rotor', pull: 'hydraulic' } },
      levers: [own('front', { pull: 'hydraulic' }), own('rear', { pull: 'hydraulic' })],
    };
    const bled = brakeLevers(fluid);
    expect(bled.chosen.every(({ bleed, steps }) => bleed && steps.indexOf('bleed') < steps.indexOf('bite'))).toBe(true);
    expect(say(bled.findings.find(({ id }) => id === 'moved')!.remedies[0]!)).toBe(
      'Bleed the front and rear brake, as its maker says.',
    );
  });

  it('far from the grip are adjusted, and those near the limit are named', () => {
    const levers = (reachMm?: number) => [own('front', { reachMm }), own('rear', { reachMm: 60 })];
    const asked = { ...input, throttle: false, hand: { reachMm: 70 } };
    const says = (reachMm?: number) => brakeLevers({ ...asked, levers: levers(reachMm) });
    expect(says(80).verdict).toBe('work');
    expect(says(68).verdict).toBe('goes');
    expect(says(68).findings.some(({ because }) => say(because).includes('near the 70 mm'))).toBe(true);
    expect(says(undefined).verdict).toBe('unknown');
  });

  it('say what is missing at an end', () => {
    const brakes = { front: { kind: 'none' as const }, rear: { kind: 'coaster' as const } };
    const { findings, chosen } = brakeLevers({ ...input, brakes, levers: [] });
    expect(findings.map(({ id, verdict }) => [id, verdict])).toContainEqual(['no-brake.front', 'stop']);
    expect(chosen).toEqual([]);
    expect(brakeLevers({ ...input, throttle: false, levers: [own('front')] }).verdict).toBe('unknown');
  });

  it.each([
    [{ levers: [own('front'), own('front')] }, 'levers.1.end is "front"'],
    [{ brakes: { ...input.brakes, rear: { kind: 'coaster' as const } } }, 'levers.1.end is "rear"'],
    [{ kit, switches: [{ ...inLine, id: 'kit left' }] }, 'switches.0.id is "kit left"'],
  ])('refuse %j', (change, message) => {
    expect(() => brakeLevers({ ...input, ...change })).toThrow(message);
  });

  const pulls = fc.constantFrom('long', 'short', 'hydraulic');
  const anyLever = (end: 'front' | 'rear') =>
    fc.record({
      end: fc.constant(end),
      pull: pulls,
      oneWithShifter: fc.boolean(),
      cutOff: fc.boolean(),
      reachMm: fc.integer({ min: 40, max: 90 }),
    });
  const anyBrake = fc.record({ kind: fc.constantFrom('rim', 'rotor', 'drum'), pull: pulls });
  const anyInput = fc.record({
    brakes: fc.record({ front: anyBrake, rear: anyBrake }),
    levers: fc.tuple(anyLever('front'), anyLever('rear')),
    kit: fc
      .array(fc.record({ pull: fc.constantFrom('long', 'short'), cutOff: fc.boolean() }), { maxLength: 2 })
      .map((list) => list.map((lever, at) => ({ id: `k${at}`, ...lever, reachMm: 60 }))),
    switches: fc
      .array(fc.constantFrom('in-line', 'at-lever'), { maxLength: 2 })
      .map((list) => list.map((kind, at) => ({ id: `s${at}`, kind }))),
    throttle: fc.boolean(),
    hand: fc.record({ reachMm: fc.integer({ min: 50, max: 80 }) }),
  }) as fc.Arbitrary<BrakeLeversInput>;
  const run = (property: fc.IProperty<[BrakeLeversInput]>) => fc.assert(property, { numRuns: 150, endOnFailure: true });
  const verdict = (of: BrakeLeversInput) => rank[brakeLevers(of).verdict];

  it('are as good as the best of all pairs, tried by hand', () => {
    run(
      fc.property(anyInput, (drawn) => {
        const { ways, chosen } = brakeLevers(drawn);
        const worst = (pair: readonly LeverWay[]) => {
          const cuts = pair.some(({ cutOff }) => cutOff);
          return Math.max(...pair.map(({ verdict: each }) => rank[each]), drawn.throttle && !cuts ? rank.stop : 0);
        };
        const parts = (pair: readonly LeverWay[]) => pair.flatMap((way) => way.lever ?? way.switch ?? []);
        for (const one of ways.front) {
          for (const other of ways.rear) {
            if (new Set(parts([one, other])).size < parts([one, other]).length) continue;
            expect(worst([one, other])).toBeGreaterThanOrEqual(worst(chosen));
          }
        }
      }),
    );
  });

  it('never get better by knowing less', () => {
    run(
      fc.property(anyInput, (drawn) => {
        const known = verdict(drawn);
        const levers = (change: (lever: OwnLever) => OwnLever) => ({ ...drawn, levers: drawn.levers.map(change) });
        expect(verdict(levers(({ cutOff: _, ...rest }) => rest))).toBeGreaterThanOrEqual(Math.min(known, rank.unknown));
        expect(verdict(levers(({ reachMm: _, ...rest }) => rest))).toBeGreaterThanOrEqual(
          Math.min(known, rank.unknown),
        );
        const { front, rear } = drawn.brakes;
        const blind = { ...drawn, brakes: { front: { kind: front.kind }, rear } };
        expect(verdict(blind)).toBeGreaterThanOrEqual(Math.min(known, rank.unknown));
      }),
    );
  });

  it('never get better by asking more, nor worse by more parts at hand', () => {
    run(
      fc.property(anyInput, (drawn) => {
        const known = verdict(drawn);
        expect(verdict({ ...drawn, throttle: true })).toBeGreaterThanOrEqual(verdict({ ...drawn, throttle: false }));
        expect(verdict({ ...drawn, swap: true })).toBeGreaterThanOrEqual(verdict({ ...drawn, swap: false }));
        const more = { ...drawn, switches: [...drawn.switches, { id: 'more', kind: 'at-lever' as const }] };
        expect(verdict(more)).toBeLessThanOrEqual(known);
      }),
    );
  });
});
