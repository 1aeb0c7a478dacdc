import { said, type Said } from '../said';
import { Amount, Flag, Items, Nested, OneOf, Optional, Row, Text, Whole } from '../input';
import type { Finding, Verdict } from '../verdict';

/** What a contact carries. */
export const carried = [
  'none',
  'battery-plus',
  'battery-minus',
  'phase-a',
  'phase-b',
  'phase-c',
  'supply',
  'ground',
  'hall-a',
  'hall-b',
  'hall-c',
  'speed',
  'temperature',
  'throttle',
  'brake',
  'pedal',
  'lock',
  'light-plus',
  'light-minus',
  'data-in',
  'data-out',
] as const;
export type Carried = (typeof carried)[number];

export class PlugPin {
  @Whole(1, 40) n!: number;
  /** Left out: nobody has looked. */
  @Optional() @OneOf(carried) carries?: Carried;
  /** Colour of its wire. */
  @Optional() @Text(30) wire?: string;
}

export class WiringPlug {
  @Text(60) id!: string;
  /** The part whose cable ends in it. */
  @Text(60) on!: string;
  /** The part that it is for; left out: nobody knows. */
  @Optional() @Text(60) to?: string;
  /** Shape of its shell, by any name that is the same for two that go together. */
  @Text(60) family!: string;
  @OneOf(['pin', 'socket']) gender!: 'pin' | 'socket';
  /** What keeps others of its shape out: a nose, a colour of its insert. */
  @Optional() @Text(60) key?: string;
  @Optional() @Text(30) colour?: string;
  @Items(() => PlugPin, 40) pins!: PlugPin[];
  /** Its contacts have voltage while it is apart. */
  @Optional() @Flag() live?: boolean;
}

class AdapterEnd {
  @Text(60) family!: string;
  @OneOf(['pin', 'socket']) gender!: 'pin' | 'socket';
  @Optional() @Text(60) key?: string;
  @Whole(1, 40) pins!: number;
}

export class WiringAdapter {
  @Text(60) id!: string;
  @Nested(() => AdapterEnd) from!: AdapterEnd;
  @Nested(() => AdapterEnd) to!: AdapterEnd;
  /** Contacts of the one end by those of the other. */
  @Items(Row(Amount(1, 40, ''), 2, said('connections.two-contacts-one-of-each-end')), 40) map!: [number, number][];
}

export class ConnectionsInput {
  @Items(() => WiringPlug, 60) plugs!: WiringPlug[];
  @Items(() => WiringAdapter, 20) adapters!: WiringAdapter[];
  /** Contacts may be taken out of a shell and put back in another order. */
  @Flag() repin!: boolean;
}

export const joinWays = ['straight', 'adapter', 'repin', 'none'] as const;
export type JoinWay = (typeof joinWays)[number];

/** One contact of a join. */
export interface JoinedPin {
  a: number;
  /** Null: it ends open. */
  b: number | null;
  carries: Carried | null;
}

/** Where a contact goes that is put into another place of its shell. */
export interface Repinned {
  pin: number;
  to: number;
  carries: Carried;
  wire?: string;
}

export interface PlugJoin {
  a: string;
  b: string;
  way: JoinWay;
  adapters: string[];
  verdict: Verdict;
  pins: JoinedPin[];
  /** Of plug `b`. */
  table?: Repinned[];
  because: Said[];
}

export interface UnusedPlug {
  id: string;
  on: string;
  live: boolean;
}

export interface ConnectionsResult {
  verdict: Verdict;
  findings: Finding[];
  joins: PlugJoin[];
  /** Capped. */
  unused: UnusedPlug[];
  /** Adapters that are not there: what each end would have to be. */
  missing: { a: string; b: string; from: AdapterEnd; to: AdapterEnd }[];
  /** They go together and must not; harm: what has voltage meets what bears none. */
  confusable: { a: string; b: string; harm: boolean }[];
}
