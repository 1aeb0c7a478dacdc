import fc from 'fast-check';

import { endFacts, type EndFacts, type Reading } from '../end-facts';
import { featureById, type End } from '../features';
import { materials } from '../materials';
import type { PackInstead } from '../pack-instead';
import type { Finding, Verdict } from '../verdict';
import type { FitInput } from './contract';
import { invented, inventedArm, inventedKit, inventedStores, readingsOf, type Invented } from './invented.testing';

/** Mostly as usual, now and then something else. */
function seldom<T>(other: fc.Arbitrary<T>, weight = 24): fc.Arbitrary<T | undefined> {
  return fc.oneof({ weight, arbitrary: fc.constant(undefined) }, { weight: 1, arbitrary: other });
}

function around(middle: number, by: number): fc.Arbitrary<number> {
  return fc.double({ min: middle - by, max: middle + by, noNaN: true }).map((value) => Number(value.toFixed(2)));
}

function given<T extends object>(values: T): Record<string, never> {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as Record<string, never>;
}

const slots = ['left', 'right'].flatMap((side) =>
  ['mouth', 'middle', 'seat'].map((place) => `slot-width.${side}.${place}`),
);

const words = fc.record({
  material: seldom(fc.constantFrom(...materials, 'aluminium-unsure')),
  'blade-material': seldom(fc.constantFrom('forged-aluminium', 'cast-aluminium', 'magnesium', 'aluminium-unsure')),
  suspension: seldom(fc.constant('suspension')),
  'maker-approval': fc.constantFrom('none', 'in-writing'),
  condition: seldom(fc.constantFrom('surface-rust', 'bent', 'unsure'), 12),
  seat: seldom(fc.constantFrom('open-round', 'open-relieved')),
  'axle-extras': seldom(fc.constantFrom('stays', 'kickstand')),
  'axle-eyes': seldom(fc.constantFrom('none', 'left', 'both')),
  'rim-bosses': fc.constantFrom('none', 'bosses'),
  'lip.left': seldom(fc.constant('lip')),
  hanger: seldom(fc.constant('clear')),
  'old-hub': seldom(fc.constantFrom('coaster', 'gear-hub')),
  gears: seldom(fc.constantFrom('none', '8', '9', 'no-chain')),
  cluster: seldom(fc.constantFrom('cassette', 'freewheel')),
  clicks: seldom(fc.constantFrom('friction', '8', '9')),
});

const lengths = fc.record({
  slot: seldom(around(9.9, 0.6), 6),
  'slot-depth.left': seldom(around(12.5, 2)),
  'plate.left': seldom(around(5, 2)),
  'old-axle': seldom(around(10.5, 1)),
  spacing: seldom(around(0, 2)),
  'rim-to-dropout.left': seldom(around(0, 2)),
  'caliper-inboard': seldom(around(13, 3)),
  'leg-inboard': seldom(around(-1, 3)),
  'legs-apart': seldom(around(72, 6)),
  'tyre-room': seldom(around(48, 6)),
  'sprocket-gap': seldom(around(4.4, 3)),
  'filed.left': seldom(around(0.4, 0.3), 10),
});

const kit = fc.record({
  statedNm: seldom(around(60, 30)),
  phaseA: fc.integer({ min: 18, max: 40 }),
  maxBar: seldom(around(3, 1.5)),
  assistedKmh: fc.constantFrom(25, 25, 25, 25, 32),
  ratedW: fc.constantFrom(250, 250, 250, 250, 250, 250, 250, 250, 500),
  takes: seldom(fc.constantFrom('freewheel', 'cassette', 'none')),
  rim: seldom(fc.constant(null), 12),
  brakeTrack: seldom(fc.constant(false), 8),
});

const bike = fc.record({
  riderKg: fc.integer({ min: 50, max: 130 }),
  loadKg: fc.integer({ min: 0, max: 60 }),
  speedKmh: fc.integer({ min: 14, max: 30 }),
  grade: fc.integer({ min: 0, max: 8 }),
  minutes: fc.integer({ min: 2, max: 8 }),
  descentPercent: fc.integer({ min: 0, max: 9 }),
  surface: fc.constantFrom('dry' as const, 'wet' as const, 'gravel' as const, 'loose' as const),
  wheelbaseM: seldom(around(1.08, 0.2), 2),
  rack: seldom(fc.record({ ratedKg: fc.integer({ min: 25, max: 40 }), loadKg: fc.integer({ min: 5, max: 30 }) }), 3),
  other: fc.constantFrom('rim' as const, 'rotor' as const, 'rotor' as const),
  rotorMm: fc.constantFrom(140, 160, 180, 203),
});

/** A supplier's substitute near the kit's own pack. */
const drawnPack: fc.Arbitrary<PackInstead> = fc
  .record({
    chemistry: fc.constantFrom('nmc' as const, 'lfp' as const),
    cells: fc.integer({ min: 8, max: 13 }),
    Wh: fc.integer({ min: 200, max: 800 }),
    massKg: around(3.5, 2),
    continuousA: seldom(fc.constant(10), 2),
    cutoffVPerCell: seldom(fc.constantFrom(2.5, 3, 3.2), 1),
    chargerV: fc.constantFrom(42, 43.8, 40.15, 54.6),
    sizeMm: fc.constant({ length: 370, width: 90, height: 110 }),
    condition: fc.constantFrom('new' as const, 'used-sound' as const, 'damaged' as const),
    cost: fc.constant(300),
  })
  .map(({ continuousA, cutoffVPerCell, ...pack }) => ({
    ...pack,
    continuousA: continuousA ?? 25,
    ...(cutoffVPerCell !== undefined && { cutoffVPerCell }),
  }));

/** A fit on an invented bike with a kit and stores, most of them near the one on which everything goes. */
export const drawnFit: fc.Arbitrary<FitInput> = fc
  .record({
    end: fc.constantFrom<End>('front', 'rear'),
    disc: fc.boolean(),
    words,
    lengths,
    kit,
    bike,
    regen: seldom(fc.constant(true), 8),
    noRotor: seldom(fc.constant(true), 8),
    nutTorqueNm: seldom(around(20, 15), 10),
    arms: fc.integer({ min: 0, max: 3 }),
    mild: fc.boolean(),
    tabs: fc.constantFrom(0, 1, 2, 2, 3, 4, 4, 4, 4, 4),
    axleMm: seldom(around(30, 6), 8),
    approved: fc.boolean(),
    extenderMm: seldom(fc.constantFrom(2, 5, 8), 10),
    pack: seldom(drawnPack, 6),
  })
  .map(fitOf);

/** One extender for each side. */
function extenders(lengthMm: number): NonNullable<FitInput['wheel']['kit']>['hub']['adapters'] {
  const one = (side: 'left' | 'right') => ({ id: `${side}-${lengthMm}`, side, lengthMm });
  return { extenders: [one('left'), one('right')], endCaps: [], rotorSpacers: [], screws: [], screwHoles: [] };
}

function fitOf(drawn: {
  end: End;
  disc: boolean;
  words: Record<string, string | undefined>;
  lengths: Record<string, number | undefined>;
  kit: {
    statedNm: number | undefined;
    phaseA: number;
    maxBar: number | undefined;
    assistedKmh: number;
    ratedW: number;
    takes: 'freewheel' | 'cassette' | 'none' | undefined;
    rim: null | undefined;
    brakeTrack: boolean | undefined;
  };
  bike: {
    riderKg: number;
    loadKg: number;
    speedKmh: number;
    grade: number;
    minutes: number;
    descentPercent: number;
    surface: 'dry' | 'wet' | 'gravel' | 'loose';
    wheelbaseM: number | undefined;
    rack: { ratedKg: number; loadKg: number } | undefined;
    other: 'rim' | 'rotor' | 'drum';
    rotorMm: number;
  };
  regen: boolean | undefined;
  noRotor: boolean | undefined;
  nutTorqueNm: number | undefined;
  arms: number;
  mild: boolean;
  tabs: number;
  axleMm: number | undefined;
  approved: boolean;
  extenderMm: number | undefined;
  pack: PackInstead | undefined;
}): FitInput {
  const { end, kit: k, bike: b } = drawn;
  const { slot, spacing, 'rim-to-dropout.left': off, ...rest } = drawn.lengths;
  const change: Invented = {
    end,
    disc: drawn.disc,
    words: given(drawn.words),
    lengths: {
      ...given(rest),
      ...(slot !== undefined && Object.fromEntries(slots.map((id) => [id, slot]))),
      ...(spacing !== undefined && {
        'spacing.front': (end === 'front' ? 100 : 135) + spacing,
        'spacing.back': (end === 'front' ? 100 : 135) + spacing,
      }),
      ...(off !== undefined && { 'rim-to-dropout.left': (end === 'front' ? 37.5 : 54) + off }),
      ...(end === 'rear' && { 'cassette-stack': 30 }),
    },
    kit: {
      motor: { ...inventedKit.motor, ratedW: k.ratedW, ...(k.statedNm !== undefined && { statedNm: k.statedNm }) },
      controller: { ...inventedKit.controller, phaseA: k.phaseA },
      assistedKmh: k.assistedKmh,
      rim: k.rim === null ? null : { ...inventedKit.rim!, maxBar: k.maxBar ?? 5, brakeTrack: k.brakeTrack ?? true },
    },
    hub: {
      ...(k.takes && { takes: k.takes }),
      bodyMm: 30,
      ...(drawn.extenderMm !== undefined && { adapters: extenders(drawn.extenderMm) }),
    },
    wheel: {
      regen: drawn.regen === true,
      ...(drawn.noRotor && { rotorFaceMm: null }),
      ...(drawn.axleMm !== undefined && {
        axle: {
          threadMm: 12,
          flatsMm: 10,
          leftMm: drawn.axleMm,
          rightMm: drawn.axleMm,
          threadFromLeftMm: 5,
          threadFromRightMm: 5,
        },
      }),
      delivered: { left: [], right: [] },
    },
    stores: inventedStores.map((item) => {
      if (item.kind === 'tabbed') return { ...item, count: drawn.tabs };
      if (item.kind !== 'arm') return item;
      const details = { arm: { ...inventedArm, grade: drawn.mild ? ('mild' as const) : ('hard' as const) } };
      return { ...item, count: drawn.arms, details };
    }),
    bike: {
      ...(drawn.pack && { job: { pack: 'substitute', packInstead: drawn.pack } }),
      riderKg: b.riderKg,
      loadKg: b.loadKg,
      speedKmh: b.speedKmh,
      climb: { gradePercent: b.grade, minutes: b.minutes, speedKmh: 12 },
      descentPercent: b.descentPercent,
      surface: b.surface,
      ...(b.wheelbaseM !== undefined && { wheelbaseM: b.wheelbaseM }),
      ratings: b.rack ? [{ part: 'rack', ...b.rack }] : [],
      brakes: {
        front: { kind: b.other, rotorMm: b.rotorMm },
        rear: { kind: b.other, rotorMm: b.rotorMm },
      },
      ...(drawn.approved && {
        approvals: {
          front: { by: 'the fork’s maker', date: '2026-03-02', document: 'letter 14' },
        },
      }),
    },
    input: drawn.nutTorqueNm === undefined ? {} : { nutTorqueNm: drawn.nutTorqueNm },
  };
  return invented(change);
}

/** The readings that an end was put together from, one a feature. */
export function readingsBehind(facts: EndFacts): Reading[] {
  const lengthsRead = Object.fromEntries(
    [...facts.lengths].flatMap(([id, { valueMm }]) => (valueMm === null || !featureById(id) ? [] : [[id, valueMm]])),
  );
  return readingsOf(facts.end, Object.fromEntries(facts.words), lengthsRead);
}

/** The same end without what was read of one feature. */
export function without(facts: EndFacts, feature: string): EndFacts {
  return endFacts(
    facts.end,
    readingsBehind(facts).filter((reading) => reading.feature !== feature),
  );
}

/** Everything that may be left out of kit and take-in, and how. */
const forgotten: Record<string, (input: FitInput) => FitInput> = {
  ...Object.fromEntries(
    (
      [
        'bikeKg',
        'riderKg',
        'loadKg',
        'speedKmh',
        'climb',
        'descentPercent',
        'surface',
        'ratings',
        'law',
        'brakes',
        'wheelbaseM',
        'approvals',
      ] as const
    ).map((field) => [`bike.${field}`, (input: FitInput) => ({ ...input, bike: omit(input.bike, field) })]),
  ),
  ...Object.fromEntries(
    (['kv', 'windingOhm', 'noLoadA'] as const).map((field) => [
      `kit.motor.${field}`,
      (input: FitInput) => kitWith(input, (kit) => ({ ...kit, motor: omit(kit.motor, field) })),
    ]),
  ),
  'kit.controller.phaseA': (input) => kitWith(input, (kit) => ({ ...kit, controller: omit(kit.controller, 'phaseA') })),
  'kit.controller.batteryA': (input) =>
    kitWith(input, (kit) => ({ ...kit, controller: omit(kit.controller, 'batteryA') })),
  'bike.job.packInstead': (input) => packWith(input, () => undefined),
  ...Object.fromEntries(
    (['continuousA', 'cutoffVPerCell', 'chargerV', 'sizeMm', 'condition', 'cost'] as const).map((field) => [
      `bike.job.packInstead.${field}`,
      (input: FitInput) => packWith(input, (pack) => omit(pack, field)),
    ]),
  ),
  'kit.rim': (input) => kitWith(input, (kit) => omit(kit, 'rim')),
  'kit.rim.maxBar': (input) => kitWith(input, (kit) => ({ ...kit, ...(kit.rim && { rim: omit(kit.rim, 'maxBar') }) })),
  'kit.battery': (input) => kitWith(input, (kit) => omit(kit, 'battery')),
  'kit.battery.cost': (input) =>
    kitWith(input, (kit) => ({ ...kit, ...(kit.battery && { battery: omit(kit.battery, 'cost') }) })),
  'kit.flanges': (input) => kitWith(input, (kit) => omit(kit, 'flanges')),
  'kit.hub.bodyMm': (input) => kitWith(input, (kit) => ({ ...kit, hub: omit(kit.hub, 'bodyMm') })),
  kit: (input) => ({ ...input, wheel: { ...input.wheel, kit: null } }),
};

type Kit = NonNullable<FitInput['wheel']['kit']>;

function kitWith(input: FitInput, change: (kit: Kit) => Kit): FitInput {
  const { kit } = input.wheel;
  return kit ? { ...input, wheel: { ...input.wheel, kit: change(kit) } } : input;
}

/** The same with another substitute for the kit's pack, where there is one. */
export function packWith(input: FitInput, change: (pack: PackInstead) => PackInstead | undefined): FitInput {
  const { job } = input.bike;
  if (!job?.packInstead) return input;
  const pack = change(job.packInstead);
  const { packInstead: _, ...rest } = job;
  return { ...input, bike: { ...input.bike, job: { ...rest, ...(pack && { packInstead: pack }) } } };
}

function omit<T extends object, K extends keyof T>(value: T, field: K): T {
  const { [field]: _, ...rest } = value;
  return rest as T;
}

/** Every way to know one thing less: a reading, a kit figure, an answer of the take-in. */
export function forgetting(input: FitInput): [name: string, less: FitInput][] {
  return [
    ...readingsBehind(input.facts)
      // What was filed is written down by the step that files: nobody reads it, and nobody can see it missing.
      .filter(({ feature }) => !feature.startsWith('filed.'))
      .map(({ feature }): [string, FitInput] => [feature, { ...input, facts: without(input.facts, feature) }]),
    ...Object.entries(forgotten).map(([name, forget]): [string, FitInput] => [name, forget(input)]),
  ];
}

/** Every way to ask more of the same bike and kit: more torque, current, mass, speed or grade, less nut torque, fewer parts. */
export function asking(input: FitInput): [name: string, more: FitInput][] {
  const { bike } = input;
  const parts = input.stores.map((item, at): [string, FitInput] => [
    `one ${item.kind} ${item.thicknessMm} less`,
    {
      ...input,
      stores: input.stores.map((same, index) =>
        index === at ? { ...same, count: Math.max(0, same.count - 1) } : same,
      ),
    },
  ]);
  const none = input.stores.map((item, at): [string, FitInput] => [
    `no ${item.kind} ${item.thicknessMm}`,
    { ...input, stores: input.stores.filter((_, index) => index !== at) },
  ]);
  return [
    ...parts,
    ...none,
    [
      'more torque',
      kitWith(input, (kit) => ({ ...kit, motor: { ...kit.motor, statedNm: 1.3 * (kit.motor.statedNm ?? 45) } })),
    ],
    ['more rated power', kitWith(input, (kit) => ({ ...kit, motor: { ...kit.motor, ratedW: 2 * kit.motor.ratedW } }))],
    ['more speed', kitWith(input, (kit) => ({ ...kit, assistedKmh: kit.assistedKmh + 7 }))],
    ['a heavier rider', { ...input, bike: { ...bike, riderKg: (bike.riderKg ?? 70) + 25 } }],
    ['more load', { ...input, bike: { ...bike, loadKg: (bike.loadKg ?? 0) + 25 } }],
    ['a heavier kit', kitWith(input, (kit) => ({ ...kit, massKg: kit.massKg + 6 }))],
    ['a heavier pack', packWith(input, (pack) => ({ ...pack, massKg: pack.massKg + 4 }))],
    ['a weaker pack', packWith(input, (pack) => ({ ...pack, continuousA: 0.6 * (pack.continuousA ?? 20) }))],
    ['a pack that ends higher', packWith(input, (pack) => ({ ...pack, cutoffVPerCell: 3.4 }))],
    ['a steeper descent', { ...input, bike: { ...bike, descentPercent: (bike.descentPercent ?? 0) + 3 } }],
    [
      'a steeper climb',
      { ...input, bike: { ...bike, climb: { ...bike.climb!, gradePercent: bike.climb!.gradePercent + 3 } } },
    ],
    ['a longer climb', { ...input, bike: { ...bike, climb: { ...bike.climb!, minutes: bike.climb!.minutes + 5 } } }],
    ['nuts less tight', { ...input, nutTorqueNm: 0.6 * (input.nutTorqueNm ?? 30) }],
    ['a motor that brakes', { ...input, wheel: { ...input.wheel, regen: true } }],
  ];
}

const severity: Record<Verdict, number> = { goes: 0, work: 1, unknown: 2, stop: 2 };

/** Whether a verdict is better than another; what is not known is never better than anything. */
export function better(now: Verdict, before: Verdict): boolean {
  return severity[now] < severity[before];
}

/** Findings that came out better, and an overall verdict that did. */
export function improved(
  before: { verdict: Verdict; findings: readonly Finding[] },
  after: { verdict: Verdict; findings: readonly Finding[] },
): string[] {
  const found = new Map(after.findings.map((item) => [item.id, item]));
  return [
    ...(better(after.verdict, before.verdict) ? [`all: ${before.verdict} → ${after.verdict}`] : []),
    ...before.findings.flatMap((item) => {
      const same = found.get(item.id);
      return same && better(same.verdict, item.verdict) ? [`${item.id}: ${item.verdict} → ${same.verdict}`] : [];
    }),
  ];
}

/** The same, and findings that vanished without leaving the whole unknown or stopped. */
export function helped(
  before: { verdict: Verdict; findings: readonly Finding[] },
  after: { verdict: Verdict; findings: readonly Finding[] },
): string[] {
  const found = new Set(after.findings.map(({ id }) => id));
  const open = after.verdict === 'unknown' || after.verdict === 'stop';
  const gone = before.findings.filter(({ id, verdict }) => verdict !== 'goes' && !found.has(id));
  return [...improved(before, after), ...(open ? [] : gone.map(({ id, verdict }) => `${id}: ${verdict} → gone`))];
}
