import * as v from 'valibot';

import { amount, integer, list, oneOf, optional, readInput, record, text } from '../input';

const end = oneOf(['front', 'rear']);
const side = oneOf(['left', 'right']);
const id = v.pipe(v.string('a UUID'), v.uuid('a UUID'));

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

/**
 * Everything that happens to a job besides readings and choices, by kind. Events are only ever added or withdrawn; what holds
 * now is read off them in the order in which the server had them.
 */
export const jobEventSchemas = {
  /** The owner lets a kit go on against a `stop`. */
  override: record({ end, wheelId: id, findingId: text(80), because: text(400) }),
  /** A wheel trued: one reading per spoke, once round. */
  truing: record({
    end,
    spokes: list(
      record({
        side,
        radialMm: optional(amount(-20, 20, 'mm')),
        lateralMm: optional(amount(-20, 20, 'mm')),
        tensionN: optional(amount(0, 3000, 'N')),
      }),
      72,
    ),
    dishMm: optional(amount(-30, 30, 'mm')),
  }),
  /** One side of an axle as it was taken apart, from the hub outwards. */
  'came-off': record({
    end,
    side,
    parts: list(
      record({ kind: oneOf(offAxleKinds), thicknessMm: optional(amount(0.05, 60, 'mm')), note: optional(text(80)) }),
      20,
    ),
  }),
  /** One step of the procedure. */
  step: record({
    end,
    stepId: text(60),
    how: oneOf(stepEndings),
    /** Why it was skipped, or what is wrong. */
    because: optional(text(400)),
    /** What was found or reached, by the check of the step: N·m, mm, V or pieces. */
    readings: optional(list(record({ check: text(60), value: amount(-500, 5000, '') }), 40)),
    /** From opening the step to its end. */
    minutes: optional(amount(0, 1440, 'min')),
  }),
  /** The parcel as it arrived. */
  received: record({
    end,
    counts: list(record({ part: text(80), expected: integer(0, 500), got: integer(0, 500) }), 80),
    packV: optional(amount(0, 130, 'V')),
    damage: optional(text(1000)),
    differs: optional(text(1000)),
  }),
  /** What became of the parts of the kit. */
  'kit-parts': record({
    end,
    fates: list(record({ part: text(80), fate: oneOf(['used', 'left-out', 'given-back']) }), 80),
  }),
  /** Something that putting back to stock will not undo. */
  irreversible: record({
    end,
    what: oneOf(irreversibleKinds),
    where: text(120),
    amountMm: optional(amount(0, 500, 'mm')),
  }),
  note: record({ end, words: text(1000) }),
  /** The owner answers for what a file brought in: stacks taken and steps done elsewhere. */
  vouched: record({ because: text(400) }),
} as const;

export type JobEventKind = keyof typeof jobEventSchemas;
export type JobEventData<K extends JobEventKind> = v.InferOutput<(typeof jobEventSchemas)[K]>;

export const jobEventKinds = Object.keys(jobEventSchemas) as JobEventKind[];

/** One event, as far as what is read off it depends on. */
export type JobEvent = {
  [K in JobEventKind]: {
    id: string;
    kind: K;
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
  return readInput(jobEventSchemas[kind], data) as JobEventData<K>;
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
export function lastParcel(events: readonly JobEvent[], atEnd: 'front' | 'rear') {
  return (
    eventsOf(events, 'received')
      .filter(({ data }) => data.end === atEnd)
      .at(-1) ?? null
  );
}
