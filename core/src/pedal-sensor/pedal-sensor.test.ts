import fc from 'fast-check';

import type { Verdict } from '../verdict';
import { crankFixings, ringKinds, sensorMounts, shellKinds, type PedalSensorInput, type SensorMount } from './contract';
import { pedalSensor } from './pedal-sensor';

const base: PedalSensorInput = {
  crank: { fixing: 'square' },
  shell: { kind: 'threaded', lockRing: true },
  roomMm: { drive: 12, nonDrive: 12 },
  axleMm: 17,
  ring: { kind: 'split', thicknessMm: 6, boreMm: 17, magnets: 12, magnetRadiusMm: 16, madeFor: 'both' },
  sensor: { gapMinMm: 1, gapMaxMm: 3, proudMm: 1, markRadiusMm: 16, mounts: ['tie'] },
  startPulses: 6,
  stopMs: 500,
};
type Change = { [K in keyof PedalSensorInput]?: Partial<PedalSensorInput[K]> };
const changed = (change: Change): PedalSensorInput =>
  ({
    ...base,
    ...Object.fromEntries(
      Object.entries(change).map(([name, value]) => {
        const before = base[name as keyof PedalSensorInput];
        return [name, typeof value === 'object' ? { ...(before as object), ...value } : value];
      }),
    ),
  }) as PedalSensorInput;
const best = (change: Change = {}) => pedalSensor(changed(change)).ways[0]!;

describe('a ring and its sensor', () => {
  it('need what the sensor stands out, the ring, the smallest gap and a millimetre', () => {
    // 1 + 6 + 1 + 1 of 12 mm; in the middle of the window.
    expect(best()).toMatchObject({ side: 'nonDrive', needMm: 9, spareMm: 3, gapMm: 2, verdict: 'goes' });
    expect(best({ roomMm: { nonDrive: 9.4, drive: 0 } })).toMatchObject({
      spareMm: expect.closeTo(0.4),
      gapMm: expect.closeTo(1.4),
    });
    expect(best({ roomMm: { nonDrive: 9, drive: 0 } }).verdict).toBe('goes');
    expect(best({ roomMm: { nonDrive: 8.9, drive: 8.9 } }).verdict).toBe('stop');
    expect(best({ ring: { kind: 'sealed' }, roomMm: { nonDrive: 7, drive: 0 } })).toMatchObject({
      needMm: 7,
      gapMm: 0,
    });
  });

  it('go behind the chainring where only there is room, with the kit’s own gap', () => {
    const own = { sensor: { gapMinMm: 0.5, gapMaxMm: 1.5 }, roomMm: { drive: 8.6, nonDrive: 8 } };
    expect(best(own)).toMatchObject({ side: 'drive', needMm: 8.5, verdict: 'goes' });
    // With the usual gap nothing would go.
    expect(best({ roomMm: own.roomMm }).verdict).toBe('stop');
    expect(pedalSensor(changed(own)).defaulted).toEqual([]);
  });

  it('say which of the maker’s figures the usual ones stand in for', () => {
    const { defaulted } = pedalSensor({ ...base, sensor: { proudMm: 1, mounts: ['tie'] } });
    expect(defaulted).toEqual(['sensor.gapMinMm', 'sensor.gapMaxMm']);
  });

  it.each<[string, Change, object]>([
    ['the crank on where the halves pass it', { passMm: { nonDrive: 7, drive: 0 } }, { crank: 'on' }],
    ['a puller where they do not', { passMm: { nonDrive: 6.9, drive: 0 } }, { crank: 'off', tool: 'puller-square' }],
    ['a puller for a whole ring', { ring: { kind: 'whole' }, passMm: { nonDrive: 20 } }, { tool: 'puller-square' }],
    ['a key for a hollow axle', { crank: { fixing: 'hollow' } }, { tool: 'cap-key', verdict: 'goes' }],
    ['opened bearings', { crank: { fixing: 'one-piece' } }, { tool: 'one-piece-spanner', verdict: 'work' }],
    ['claws trimmed', { axleMm: 21 as never }, { trimMm: 2, verdict: 'work' }],
    ['claws trimmed as far as they hold', { axleMm: 22 as never }, { trimMm: 2.5, verdict: 'work' }],
    ['a ring that is too narrow', { axleMm: 22.2 as never }, { verdict: 'stop' }],
    ['a sealed unit that is too narrow', { ring: { kind: 'sealed' }, axleMm: 17.1 as never }, { verdict: 'stop' }],
    ['a ring that sits a little loose', { ring: { boreMm: 17.5 } }, { packMm: 0, verdict: 'goes' }],
    ['a ring that is packed', { ring: { boreMm: 18 } }, { packMm: 0.5, verdict: 'work' }],
    ['a ring that is far too wide', { ring: { boreMm: 23 } }, { verdict: 'stop' }],
    ['a ring turned over', { ring: { madeFor: 'drive', bothFaces: true }, roomMm: { drive: 0 } }, { turnOver: true }],
    [
      'one that reads one face',
      { ring: { madeFor: 'drive', bothFaces: false }, roomMm: { drive: 0 } },
      { orderHand: 'nonDrive', verdict: 'work' },
    ],
    ['one of which that is not known', { ring: { madeFor: 'drive' }, roomMm: { drive: 0 } }, { verdict: 'unknown' }],
    ['one whose side is not known', { ring: { madeFor: undefined } }, { verdict: 'unknown' }],
    ['a sensor that nobody has held there', { sensor: { proudMm: undefined } }, { verdict: 'unknown' }],
  ])('want %s', (_, change, way) => expect(best(change)).toMatchObject(way));

  it.each<[string, Change, Verdict]>([
    ['on the non-drive side', {}, 'goes'],
    ['without a lock ring', { shell: { lockRing: false }, roomMm: { drive: 0 } }, 'stop'],
    ['on a pressed shell', { shell: { kind: 'pressed' } }, 'stop'],
    ['with magnets beside the mark', { ring: { magnetRadiusMm: 18.1 } }, 'stop'],
    ['with magnets just at it', { ring: { magnetRadiusMm: 18 } }, 'goes'],
    ['with nothing known of the magnets', { ring: { magnetRadiusMm: undefined } }, 'unknown'],
    ['on the drive side with a thin plate', { roomMm: { nonDrive: 0 }, plateMm: 2 as never }, 'goes'],
    ['on the drive side with a thicker one', { roomMm: { nonDrive: 0 }, plateMm: 3.5 as never }, 'work'],
    ['on the drive side with a thick one', { roomMm: { nonDrive: 0 }, plateMm: 3.6 as never }, 'stop'],
    ['on the drive side with a plate that nobody measured', { roomMm: { nonDrive: 0 } }, 'unknown'],
  ])('under cup or lock ring %s', (_, change, verdict) => {
    expect(best({ ...change, sensor: { ...change.sensor, mounts: ['shell-ring'] } }).verdict).toBe(verdict);
  });

  it('start after so many pulses and stop after so long', () => {
    expect(pedalSensor(base)).toMatchObject({ startDelayS: 0.5, stopS: 0.5 });
    expect(pedalSensor({ ...base, cadenceRpm: 30 }).startDelayS).toBe(1);
  });

  it('name what is left where nothing goes', () => {
    const none = { roomMm: { drive: 2, nonDrive: 2 } };
    expect(pedalSensor(changed(none)).instead).toEqual(['throttle-only', 'sealed-unit', 'torque-bracket']);
    expect(pedalSensor(changed({ ...none, ring: { kind: 'sealed' } })).instead).toEqual([
      'throttle-only',
      'torque-bracket',
    ]);
    expect(pedalSensor(changed({ ...none, crank: { fixing: 'one-piece' } })).instead).toEqual([
      'throttle-only',
      'sealed-unit',
    ]);
    expect(pedalSensor(base).instead).toBeUndefined();
  });

  it('are refused without any mount, and with a window that ends before it begins', () => {
    expect(() => pedalSensor(changed({ sensor: { mounts: [] } }))).toThrow('sensor.mounts');
    expect(() => pedalSensor(changed({ sensor: { gapMinMm: 4 } }))).toThrow('sensor.gapMaxMm is 3');
    expect(() => pedalSensor(changed({ ring: { thicknessMm: 900 } }))).toThrow('ring.thicknessMm is 900');
  });
});

const mm = (min: number, max: number) => fc.integer({ min: min * 4, max: max * 4 }).map((quarter) => quarter / 4);
const maybe = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { nil: undefined });
const drawn: fc.Arbitrary<PedalSensorInput> = fc.record({
  crank: fc.record({ fixing: fc.constantFrom(...crankFixings) }),
  shell: fc.record({ kind: fc.constantFrom(...shellKinds), lockRing: fc.boolean() }),
  roomMm: fc.record({ drive: mm(4, 16), nonDrive: mm(4, 16) }),
  passMm: maybe(fc.record({ drive: maybe(mm(2, 12)), nonDrive: maybe(mm(2, 12)) })),
  axleMm: mm(14, 22),
  ring: fc.record({
    kind: fc.constantFrom(...ringKinds),
    thicknessMm: mm(3, 8),
    boreMm: mm(14, 22),
    magnets: fc.integer({ min: 5, max: 12 }),
    magnetRadiusMm: maybe(mm(12, 18)),
    madeFor: maybe(fc.constantFrom('drive' as const, 'nonDrive' as const, 'both' as const)),
    bothFaces: maybe(fc.boolean()),
  }),
  sensor: fc.record({
    gapMinMm: mm(0, 2),
    gapMaxMm: mm(2, 4),
    proudMm: maybe(mm(0, 4)),
    markRadiusMm: maybe(mm(12, 18)),
    mounts: fc.uniqueArray(fc.constantFrom(...sensorMounts), { minLength: 1 }),
  }),
  plateMm: maybe(mm(1, 5)),
  startPulses: fc.integer({ min: 1, max: 12 }),
  stopMs: fc.integer({ min: 0, max: 2000 }),
}) as fc.Arbitrary<PedalSensorInput>;

const rank: Record<Verdict, number> = { goes: 0, work: 1, unknown: 2, stop: 3 };

/** The same rules as a list of what is against a way, each with how much: read off the model once more, without the code. */
function against(input: PedalSensorInput, side: 'drive' | 'nonDrive', mount: SensorMount): Verdict {
  const { ring, sensor, shell } = input;
  const sealed = ring.kind === 'sealed';
  const stack = [ring.thicknessMm, 1, ...(sealed ? [] : [sensor.proudMm ?? 0, sensor.gapMinMm!])];
  const room = input.roomMm[side] - stack.reduce((sum, part) => sum + part, 0);
  const tight = (input.axleMm - ring.boreMm) / 2;
  const on = ring.kind === 'split' && (input.passMm?.[side] ?? 0) - ring.thicknessMm >= 1;
  const shellRing = mount === 'shell-ring';
  const radii = [ring.magnetRadiusMm, sensor.markRadiusMm];
  const other = ring.madeFor !== undefined && ring.madeFor !== 'both' && ring.madeFor !== side;
  const objections: [Verdict, boolean][] = [
    ['stop', room < 0],
    ['unknown', !sealed && sensor.proudMm === undefined],
    ['stop', tight > 2.5 || (sealed && tight > 0) || -tight > 2.5],
    ['work', tight > 0 || -tight > 0.25],
    ['work', !on && input.crank.fixing === 'one-piece'],
    ['stop', shellRing && shell.kind !== 'threaded'],
    ['stop', shellRing && side === 'nonDrive' && !shell.lockRing],
    ['unknown', shellRing && side === 'drive' && input.plateMm === undefined],
    ['work', shellRing && side === 'drive' && (input.plateMm ?? 0) > 2],
    ['stop', shellRing && side === 'drive' && (input.plateMm ?? 0) > 3.5],
    ['unknown', shellRing && !sealed && radii.includes(undefined)],
    ['stop', shellRing && !sealed && !radii.includes(undefined) && Math.abs(radii[0]! - radii[1]!) > 2],
    ['unknown', ring.madeFor === undefined],
    ['work', other && (sealed || ring.bothFaces === false)],
    ['unknown', other && !sealed && ring.bothFaces === undefined],
  ];
  const held = objections.filter(([, is]) => is).map(([verdict]) => verdict);
  return held.reduce<Verdict>((worst, next) => (rank[next] > rank[worst] ? next : worst), 'goes');
}

describe('every way', () => {
  it('is judged as the rules say, all of them are there, and none that is better stands behind one that is worse', () => {
    fc.assert(
      fc.property(drawn, (input) => {
        const { ways, verdict } = pedalSensor(input);
        expect(ways).toHaveLength(2 * input.sensor.mounts.length);
        for (const way of ways) expect([way, way.verdict]).toEqual([way, against(input, way.side, way.mount)]);
        expect(verdict).toBe(ways[0]!.verdict);
        ways.slice(1).forEach((way, index) => {
          const before = ways[index]!;
          const keys = (each: typeof way) => [
            rank[each.verdict],
            each.crank === 'on' ? 0 : 1,
            each.chainLineMm,
            each.trimMm + each.packMm,
            -each.spareMm,
            each.side === 'drive' ? 1 : 0,
            input.sensor.mounts.indexOf(each.mount),
          ];
          const differs = keys(before).findIndex((key, at) => Math.abs(key - keys(way)[at]!) > 1e-9);
          expect(keys(before)[differs]!).toBeLessThan(keys(way)[differs]!);
        });
      }),
      { numRuns: 1500 },
    );
  });

  it('is no better for knowing less', () => {
    const known: ((input: PedalSensorInput) => PedalSensorInput)[] = [
      ({ passMm: _, ...rest }) => rest,
      ({ plateMm: _, ...rest }) => rest,
      ({ ring: { magnetRadiusMm: _, ...ring }, ...rest }) => ({ ...rest, ring }),
      ({ ring: { madeFor: _, ...ring }, ...rest }) => ({ ...rest, ring }),
      ({ ring: { bothFaces: _, ...ring }, ...rest }) => ({ ...rest, ring }),
      ({ sensor: { proudMm: _, ...sensor }, ...rest }) => ({ ...rest, sensor }),
      ({ sensor: { markRadiusMm: _, ...sensor }, ...rest }) => ({ ...rest, sensor }),
    ];
    const fits = (verdict: Verdict) => verdict === 'goes' || verdict === 'work';
    fc.assert(
      fc.property(drawn, fc.constantFrom(...known), (input, without) => {
        const [full, less] = [pedalSensor(input).verdict, pedalSensor(without(input)).verdict];
        if (fits(less)) expect(rank[full]).toBeLessThanOrEqual(rank[less]);
      }),
      { numRuns: 1500 },
    );
  });

  it('is no better for asking more: another mount, more room, never makes the best way worse', () => {
    fc.assert(
      fc.property(drawn, mm(0, 6), (input, more) => {
        const before = rank[pedalSensor(input).verdict];
        const mounts = [...sensorMounts];
        expect(rank[pedalSensor({ ...input, sensor: { ...input.sensor, mounts } }).verdict]).toBeLessThanOrEqual(
          before,
        );
        const roomMm = { drive: input.roomMm.drive + more, nonDrive: input.roomMm.nonDrive + more };
        expect(rank[pedalSensor({ ...input, roomMm }).verdict]).toBeLessThanOrEqual(before);
      }),
      { numRuns: 800 },
    );
  });
});
