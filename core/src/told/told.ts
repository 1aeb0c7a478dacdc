import type { BikeFacts } from '../bike-facts/bike-facts';
import { lastTold, type ToldReading } from './last-told';

/** What is told of each end, or of one part of the job, is told by itself: two people may say different things of one bike. */
const inParts = {
  brakes: ['front', 'rear'],
  tyres: ['front', 'rear'],
  approvals: ['front', 'rear'],
  bar: ['room', 'parts', 'order'],
  frame: ['tubes', 'bosses', 'inWay', 'pedal'],
  bay: ['pack', 'at', 'box', 'keyNumber'],
  power: ['pack', 'chain', 'controller', 'charger', 'accessories'],
  cables: ['steering', 'turning', 'anchors', 'runs', 'extensions', 'poses'],
  wiring: ['plugs', 'adapters', 'repin'],
  job: [
    'school',
    'tabs',
    'sensor',
    'battery',
    'cutOff',
    'oldLoom',
    'folds',
    'wheelOrder',
    'nuts',
    'throttle',
    'throttleSide',
    'levers',
    'sensorRoomMm',
    'sensorGap',
    'liner',
    'charging',
    'pack',
    'packInstead',
    'parts',
  ],
} as const satisfies { [K in keyof BikeFacts]?: readonly (keyof NonNullable<BikeFacts[K]>)[] };

const whole = [
  'bikeKg',
  'riderKg',
  'loadKg',
  'loadAt',
  'speedKmh',
  'climb',
  'descentPercent',
  'surface',
  'budget',
  'law',
  'throttle',
  'chainringTeeth',
  'smallestTeeth',
  'wheelbaseM',
  'ratings',
  'torques',
  'cranks',
  'levers',
  'controller',
  'rack',
  'notes',
] as const satisfies readonly Exclude<keyof BikeFacts, keyof typeof inParts>[];

/** Everything that take-in asks of a bike, by the name that it is recorded under. */
export const toldFeatures: readonly string[] = [
  ...whole,
  ...Object.entries(inParts).flatMap(([name, parts]) => parts.map((part) => `${name}.${part}`)),
];

/** One thing that is told; `is` null takes it back to not known. */
export interface Telling {
  feature: string;
  is: unknown;
}

/**
 * What is known of a bike from what was told of it: the latest word on each feature holds, whatever order they came in.
 *
 * @param readings - every reading of the bike; those of other places are let alone
 */
export function toldFacts(readings: readonly ToldReading[]): BikeFacts {
  const last = lastTold(readings);
  let facts: BikeFacts = {};
  for (const feature of toldFeatures) {
    const is = last.get(feature) ?? null;
    if (is !== null) facts = withTold(facts, feature, is);
  }
  return facts;
}

/**
 * What must be told so that what is known becomes something else: only what differs.
 *
 * @example toldBetween({ riderKg: 70, loadKg: 10 }, { riderKg: 72, loadKg: 10 }) // [{ feature: 'riderKg', is: 72 }]
 */
export function toldBetween(before: BikeFacts, after: BikeFacts): Telling[] {
  return toldFeatures.flatMap((feature) => {
    const is = valueAt(after, feature);
    return alike(valueAt(before, feature), is) ? [] : [{ feature, is }];
  });
}

function valueAt(facts: BikeFacts, feature: string): unknown {
  const [name, part] = feature.split('.') as [keyof BikeFacts, string | undefined];
  const value = part === undefined ? facts[name] : (facts[name] as Record<string, unknown> | undefined)?.[part];
  // An answer without anything in it says nothing.
  return value === undefined || (typeof value === 'object' && !Array.isArray(value) && alike(value, {})) ? null : value;
}

/** The facts with one thing told. */
export function withTold(facts: BikeFacts, feature: string, is: unknown): BikeFacts {
  const [name, part] = feature.split('.') as [keyof BikeFacts, string | undefined];
  return { ...facts, [name]: part === undefined ? is : { ...(facts[name] as object | undefined), [part]: is } };
}

/** Whether two plain values say the same: a field that is undefined is one that is left out. */
export function alike(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false;
  if (Array.isArray(one) !== Array.isArray(other)) return false;
  const names = new Set([...Object.keys(one), ...Object.keys(other)]);
  return [...names].every((name) => alike((one as Plain)[name], (other as Plain)[name]));
}

type Plain = Record<string, unknown>;
