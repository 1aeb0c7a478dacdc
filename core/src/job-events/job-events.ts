import { Amount, OneOf, Text, Uuid, Whole, Optional, Items, readInput, type Shape } from '../input';
import { axleAt, axlePlaces, places, type End, type Place } from '../model';
import { irreversibleSpots, type IrreversibleSpot } from './spots';

/** What comes off an axle, from the hub outwards. */
export const offAxleKinds = [
  'nut',
  'plain',
  'tabbed',
  'c-washer',
  'spacer',
  'stay',
  'arm',
  'quick-release',
  'other',
] as const;

/** Changes to a bike that cannot be taken back. */
export const irreversibleKinds = ['filed', 'cut', 'drilled', 'glued'] as const;

/** How a step of the procedure ended. */
export const stepEndings = ['done', 'skipped', 'problem', 'undone', 'confirmed', 'stood-in'] as const;

/** The owner lets a kit go on against a `stop`. */
export class Override {
  @Uuid() wheelId!: string;
  @Text(80) findingId!: string;
  @Text(400) because!: string;
}

export class TruedSpoke {
  @OneOf(['left', 'right']) side!: 'left' | 'right';
  @Optional() @Amount(-20, 20, 'mm') radialMm?: number;
  @Optional() @Amount(-20, 20, 'mm') lateralMm?: number;
  @Optional() @Amount(0, 3000, 'N') tensionN?: number;
}

/** A wheel trued: one reading per spoke, once round. */
export class Truing {
  @Items(() => TruedSpoke, 72) spokes!: TruedSpoke[];
  @Optional() @Amount(-30, 30, 'mm') dishMm?: number;
}

export class OffAxlePart {
  @OneOf(offAxleKinds) kind!: (typeof offAxleKinds)[number];
  @Optional() @Amount(0.05, 60, 'mm') thicknessMm?: number;
  @Optional() @Text(80) note?: string;
}

/** One side of an axle as it was taken apart, from the hub outwards. */
export class CameOff {
  @OneOf(['left', 'right']) side!: 'left' | 'right';
  @Items(() => OffAxlePart, 20) parts!: OffAxlePart[];
}

export class StepReading {
  @Text(60) check!: string;
  @Amount(-500, 5000, '') value!: number;
}

/** One step of the procedure. */
export class StepEnded {
  @Text(60) stepId!: string;
  @OneOf(stepEndings) how!: (typeof stepEndings)[number];
  /** Why it was skipped, or what is wrong. */
  @Optional() @Text(400) because?: string;
  /** What was found or reached, by the check of the step: N·m, mm, V or pieces. */
  @Optional() @Items(() => StepReading, 40) readings?: StepReading[];
  /** From opening the step to its end. */
  @Optional() @Amount(0, 1440, 'min') minutes?: number;
}

export class PartCount {
  @Text(80) part!: string;
  @Whole(0, 500) expected!: number;
  @Whole(0, 500) got!: number;
}

/** The parcel as it arrived. */
export class Received {
  @Items(() => PartCount, 80) counts!: PartCount[];
  @Optional() @Amount(0, 130, 'V') packV?: number;
  @Optional() @Text(1000) damage?: string;
  @Optional() @Text(1000) differs?: string;
}

export class PartFate {
  @Text(80) part!: string;
  @OneOf(['used', 'left-out', 'given-back']) fate!: 'used' | 'left-out' | 'given-back';
}

/** What became of the parts of the kit. */
export class KitParts {
  @Items(() => PartFate, 80) fates!: PartFate[];
}

/** Something that putting back to stock will not undo. */
export class Irreversible {
  @OneOf(irreversibleKinds) what!: (typeof irreversibleKinds)[number];
  /** As whoever noted it called it. */
  @Text(120) where!: string;
  /** The same for everybody else, where a step of the plan says where. */
  @Optional() @OneOf(irreversibleSpots) spot?: IrreversibleSpot;
  @Optional() @Amount(0, 500, 'mm') amountMm?: number;
}

export class Note {
  @Text(1000) words!: string;
}

/** The owner answers for what a file brought in: stacks taken and steps done elsewhere. */
export class Vouched {
  @Text(400) because!: string;
}

/**
 * Everything that happens to a job besides readings and choices, by kind. Events are only ever added or withdrawn; what holds
 * now is read off them in the order in which the server had them.
 */
export const jobEventShapes = {
  override: Override,
  truing: Truing,
  'came-off': CameOff,
  step: StepEnded,
  received: Received,
  'kit-parts': KitParts,
  irreversible: Irreversible,
  note: Note,
  vouched: Vouched,
} as const;

export type JobEventKind = keyof typeof jobEventShapes;

/** Kinds that speak of a motor wheel in its place; the others may concern any part of the bike. */
const atAxlesOnly: readonly JobEventKind[] = ['override', 'truing', 'came-off', 'received', 'kit-parts'];

/** Where an event of this kind can have happened. */
export function placesOf(kind: JobEventKind): readonly Place[] {
  return atAxlesOnly.includes(kind) ? axlePlaces : places;
}

export type JobEventData<K extends JobEventKind> = InstanceType<(typeof jobEventShapes)[K]>;

export const jobEventKinds = Object.keys(jobEventShapes) as JobEventKind[];

/** One event, as far as what is read off it depends on. */
export type JobEvent = {
  [K in JobEventKind]: {
    id: string;
    kind: K;
    /** What it happened to. */
    place: Place;
    data: JobEventData<K>;
    at: string;
    person: string;
    withdrawnAt: string | null;
    /** When the server had it; left out while it is on its way. */
    receivedAt?: string | undefined;
    /** It came in with a file: said elsewhere, by people of another shop. */
    imported?: boolean | undefined;
  };
}[JobEventKind];

/**
 * Reads what an event says.
 *
 * @throws InputError naming the field, its value and what is allowed
 */
export function readJobEvent<K extends JobEventKind>(kind: K, data: unknown): JobEventData<K> {
  return readInput(jobEventShapes[kind] as Shape, data) as JobEventData<K>;
}

/**
 * Events of one kind that hold, in the order in which the server had them: a phone's clock decides nothing that others rely on.
 * What is still on its way comes last.
 */
export function eventsOf<K extends JobEventKind>(
  events: readonly JobEvent[],
  kind: K,
): (JobEvent & { kind: K; data: JobEventData<K> })[] {
  return events
    .filter(
      (event): event is JobEvent & { kind: K; data: JobEventData<K> } => event.kind === kind && !event.withdrawnAt,
    )
    .sort((a, b) => compare(a.receivedAt ?? '~', b.receivedAt ?? '~') || compare(a.at, b.at));
}

function compare(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}

/** The owner's word for what a file brought in; null while nobody here answers for it. */
export function vouchedBy(events: readonly JobEvent[]) {
  return (
    eventsOf(events, 'vouched')
      .filter(({ imported }) => !imported)
      .at(-1) ?? null
  );
}

/** The parcel of one end as it was recorded last; null before any was. */
export function lastParcel(events: readonly JobEvent[], end: End) {
  return (
    eventsOf(events, 'received')
      .filter(({ place }) => place === axleAt(end))
      .at(-1) ?? null
  );
}
