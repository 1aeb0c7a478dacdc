import fc from 'fast-check';

import { connections, type Carried, type ConnectionsInput, type WiringAdapter, type WiringPlug } from '.';
import { assigned } from './joins';
import { say } from '../english.testing';

const plug = (
  id: string,
  change: Partial<WiringPlug> = {},
  carries: (Carried | undefined)[] = ['supply', 'ground', 'throttle'],
): WiringPlug => ({
  id,
  on: 'controller',
  to: 'throttle',
  family: 'round three',
  gender: 'socket',
  pins: carries.map((each, at) => ({ n: at + 1, ...(each && { carries: each }) })),
  ...change,
});
const controller = plug('controller throttle');
const throttle = plug('throttle', { on: 'throttle', to: 'controller', gender: 'pin' });
const input = (plugs: WiringPlug[], more: Partial<ConnectionsInput> = {}): ConnectionsInput => ({
  plugs,
  adapters: [],
  repin: false,
  ...more,
});
const rank = { goes: 0, work: 1, unknown: 2, stop: 3 } as const;
const crossing: WiringAdapter = {
  id: 'crossed three',
  from: { family: 'round three', gender: 'pin', pins: 3 },
  to: { family: 'flat three', gender: 'socket', pins: 3 },
  map: [
    [1, 3],
    [2, 2],
    [3, 1],
  ],
};

describe('the plugs of a loom', () => {
  it('go together when shape, key and every contact meet', () => {
    const result = connections(input([controller, throttle]));
    expect(result).toMatchObject({ verdict: 'goes', unused: [], missing: [], confusable: [] });
    expect(result.joins).toEqual([
      expect.objectContaining({ a: 'controller throttle', b: 'throttle', way: 'straight', verdict: 'goes' }),
    ]);
    expect(result.joins[0]!.pins).toEqual([
      { a: 1, b: 1, carries: 'supply' },
      { a: 2, b: 2, carries: 'ground' },
      { a: 3, b: 3, carries: 'throttle' },
    ]);
  });

  it('do not go by the same gender, another shape, another number of contacts, another key', () => {
    for (const change of [
      { gender: 'socket' as const },
      { family: 'flat three' },
      { pins: throttle.pins.slice(0, 2) },
      { key: 'red' },
    ]) {
      const keyed = { ...controller, key: change.key ? 'blue' : undefined };
      const { joins, missing, verdict } = connections(input([keyed, { ...throttle, ...change }]));
      expect([joins[0]!.way, verdict]).toEqual(['none', 'stop']);
      expect(missing).toHaveLength(1);
    }
    expect(connections(input([controller, { ...throttle, key: 'red' }])).verdict).toBe('unknown');
  });

  it('stop where a contact meets what it must not, and say when something burns', () => {
    const crossed = { ...throttle, pins: plug('', {}, ['throttle', 'ground', 'supply']).pins };
    const { verdict, joins, findings } = connections(input([controller, crossed]));
    expect(verdict).toBe('stop');
    expect(say(joins[0]!.because[0]!)).toContain('2 contacts meet what it must not: something burns');
    expect(say(findings[0]!.remedies[0]!)).toContain('Never push it in');
    // Moved by the table they meet.
    const moved = connections(input([controller, crossed], { repin: true }));
    expect(moved.joins[0]).toMatchObject({ way: 'repin', verdict: 'work' });
    expect(moved.joins[0]!.table).toEqual([
      { pin: 3, to: 1, carries: 'supply' },
      { pin: 1, to: 3, carries: 'throttle' },
    ]);
  });

  it('take an adapter whose contacts lead each to its like, one piece for one join', () => {
    const flat = { ...throttle, family: 'flat three', pins: plug('', {}, ['throttle', 'ground', 'supply']).pins };
    const one = connections(input([controller, flat], { adapters: [crossing] }));
    expect(one.joins[0]).toMatchObject({ way: 'adapter', adapters: ['crossed three'], verdict: 'work' });
    expect(connections(input([controller, { ...flat, pins: throttle.pins }], { adapters: [crossing] })).verdict).toBe(
      'stop',
    );
    const second = [plug('second', { id: 'controller second' }), { ...flat, id: 'throttle second' }];
    const both = connections(input([controller, flat, ...second], { adapters: [crossing] }));
    expect(both.joins.map(({ way }) => way).sort()).toEqual(['adapter', 'none']);
    const two = connections(
      input([controller, flat, ...second], { adapters: [crossing, { ...crossing, id: 'another' }] }),
    );
    expect(two.joins.map(({ way }) => way)).toEqual(['adapter', 'adapter']);
  });

  it('meet crosswise where they talk', () => {
    const display = plug('display', { on: 'display', to: 'controller', gender: 'pin' }, [
      'data-in',
      'data-out',
      'ground',
    ]);
    const there = plug('controller display', { to: 'display' }, ['data-out', 'data-in', 'ground']);
    expect(connections(input([there, display])).verdict).toBe('goes');
    const alike = { ...there, pins: display.pins };
    expect(connections(input([alike, display])).verdict).toBe('stop');
  });

  it('tell what ends at nothing, what stays open, and what is for nobody knows whom', () => {
    const less = { ...throttle, pins: plug('', {}, ['supply', 'ground', 'none']).pins };
    expect(say(connections(input([controller, less])).findings[0]!.because)).toContain('throttle');
    const light = plug('light lead', { to: 'light', live: true });
    const open = connections(input([controller, throttle, light]));
    expect(open.unused).toEqual([{ id: 'light lead', on: 'controller', live: true }]);
    expect(open.verdict).toBe('work');
    const { to: _, ...lost } = plug('lost', { family: 'other' });
    expect(connections(input([controller, throttle, lost])).verdict).toBe('unknown');
  });

  it('never have voltage on pins that can be touched', () => {
    const pack = plug('pack', { on: 'battery', to: 'controller', gender: 'pin', live: true }, [
      'battery-plus',
      'battery-minus',
    ]);
    const sink = plug('controller pack', { to: 'battery' }, ['battery-plus', 'battery-minus']);
    expect(connections(input([pack, sink])).findings[0]).toMatchObject({ id: 'live-pins.pack', verdict: 'stop' });
  });

  it('name what goes together and must not', () => {
    const brake = plug('brake', { on: 'lever', to: 'controller', gender: 'pin' }, ['supply', 'brake', 'ground']);
    const forBrake = plug('controller brake', { to: 'lever' }, ['supply', 'brake', 'ground']);
    const { confusable, findings } = connections(input([controller, throttle, brake, forBrake]));
    expect(confusable).toEqual([
      { a: 'controller throttle', b: 'brake', harm: false },
      { a: 'throttle', b: 'controller brake', harm: false },
    ]);
    expect(findings.every(({ id }) => !id.startsWith('confusable'))).toBe(true);
    const light = plug('lamp', { on: 'lamp', to: 'controller', gender: 'pin' }, [
      'ground',
      'light-plus',
      'light-minus',
    ]);
    expect(connections(input([controller, throttle, light])).confusable[0]).toMatchObject({ harm: true });
  });

  it.each([
    [[controller, controller], 'plugs.1.id is "controller throttle"'],
    [[{ ...controller, to: 'controller' }], 'plugs.0.to is "controller"'],
    [[{ ...controller, pins: [{ n: 1 }, { n: 1 }] }], 'plugs.0.pins.1.n is 1'],
  ])('are refused by field', (plugs, message) => {
    expect(() => connections(input(plugs as WiringPlug[]))).toThrow(message);
    const adapter = { ...crossing, map: [[4, 1]] as [number, number][] };
    expect(() => connections(input([controller], { adapters: [adapter] }))).toThrow('adapters.0.map.0.0 is 4');
  });
});

const run = <T>(arbitrary: fc.Arbitrary<T>, check: (drawn: T) => void) =>
  fc.assert(fc.property(arbitrary, check), { numRuns: 120, endOnFailure: true });

describe('pairing', () => {
  it('is as good as the best of all ways, tried by hand', () => {
    const table = fc.tuple(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 0, max: 2 })).chain(([rows, more]) =>
      fc.array(fc.array(fc.integer({ min: 0, max: 9 }), { minLength: rows + more, maxLength: rows + more }), {
        minLength: rows,
        maxLength: rows,
      }),
    );
    const all = (rows: number, free: readonly number[]): number[][] =>
      rows === 0
        ? [[]]
        : free.flatMap((pick) =>
            all(
              rows - 1,
              free.filter((each) => each !== pick),
            ).map((rest) => [pick, ...rest]),
          );
    run(table, (costs) => {
      const sum = (picks: readonly number[]) => picks.reduce((total, pick, row) => total + costs[row]![pick]!, 0);
      const best = Math.min(
        ...all(
          costs.length,
          costs[0]!.map((_, at) => at),
        ).map(sum),
      );
      const picks = assigned(costs);
      expect(new Set(picks).size).toBe(costs.length);
      expect(sum(picks)).toBe(best);
    });
  });

  const carries = fc.constantFrom<Carried>('none', 'supply', 'ground', 'throttle', 'brake');
  const anyPlug = (id: string, on: string, to: string, gender: 'pin' | 'socket') =>
    fc.array(carries, { minLength: 3, maxLength: 3 }).map((list) => plug(id, { on, to, gender }, list));
  const anyPair = fc.tuple(anyPlug('a', 'controller', 'part', 'socket'), anyPlug('b', 'part', 'controller', 'pin'));

  it('judges every contact by itself', () => {
    run(anyPair, ([a, b]) => {
      const { verdict } = connections(input([a, b])).joins[0]!;
      const meets = a.pins.map((pin, at) => [pin.carries!, b.pins[at]!.carries!] as const);
      const isWrong = meets.some(([one, other]) => one !== other && one !== 'none' && other !== 'none');
      const isLost = meets.some(([one, other]) => one !== other);
      expect(verdict).toBe(isWrong ? 'stop' : isLost ? 'work' : 'goes');
    });
  });

  it('moves contacts so that each meets its like, or not at all', () => {
    run(anyPair, ([a, b]) => {
      const join = connections(input([a, b], { repin: true })).joins[0]!;
      if (join.way !== 'repin') return;
      const moved = new Map(join.table!.map(({ pin, to }) => [pin, to]));
      for (const pin of b.pins) {
        if (pin.carries === 'none') continue;
        expect(a.pins.find(({ n }) => n === (moved.get(pin.n) ?? pin.n))!.carries).toBe(pin.carries);
      }
    });
  });

  it('never gets better by knowing less, nor worse by more at hand', () => {
    run(anyPair, ([a, b]) => {
      const known = rank[connections(input([a, b])).verdict];
      const { carries: _, ...blind } = b.pins[0]!;
      const less = { ...b, pins: [blind, ...b.pins.slice(1)] };
      expect(rank[connections(input([a, less])).verdict]).toBeGreaterThanOrEqual(Math.min(known, rank.unknown));
      expect(rank[connections(input([a, b], { repin: true })).verdict]).toBeLessThanOrEqual(known);
      expect(rank[connections(input([a, b], { adapters: [crossing] })).verdict]).toBeLessThanOrEqual(known);
    });
  });
});
