import * as v from 'valibot';

import { bikeFactsSchema } from '../bike-facts';
import { featureById } from '../features';
import { amount, flag, integer, list, oneOf, optional, record, text } from '../input';
import { jobEventKinds, jobEventSchemas } from '../job-events';
import { snapshotSchema } from './snapshot';

/** What stands at the head of every job file. */
export const jobFormat = 'cricket-job-1';

/** Most bytes of a job with its photos: what a bike may hold goes out, and comes in again. */
export const largestJob = 64 * 1024 * 1024;
/** Most bytes of the photos of one bike: in a job's file they take a third more. */
export const mostPhotoBytes = 40 * 1024 * 1024;

const id = v.pipe(v.string('a UUID'), v.uuid('a UUID'));
const maybe = <const S extends v.GenericSchema>(schema: S) => v.nullable(schema);
const at = v.pipe(v.string('a date and time'), v.isoTimestamp('a date and time such as 2026-03-02T09:00:00.000Z'));
const end = oneOf(['front', 'rear']);
const size = (min: number, max: number) => maybe(amount(min, max, 'mm'));
/** A text that may be empty. */
const note = (max: number) =>
  v.pipe(v.string(`a text of at most ${max} characters`), v.maxLength(max, `a text of at most ${max} characters`));

const bike = record({
  id,
  tag: text(12),
  name: text(80),
  kind: oneOf(['upright', 'step-through', 'box-bike', 'longtail', 'drop-bar', 'trike', 'tandem']),
  riderInitials: maybe(text(6)),
  beadSeatMm: size(200, 700),
  wheelbaseMm: size(600, 3000),
  chainStayMm: size(250, 1200),
  facts: bikeFactsSchema,
  createdAt: at,
  withdrawnAt: maybe(at),
  version: integer(1, 1_000_000),
});

const reading = record({
  id,
  bikeId: id,
  end,
  feature: v.pipe(
    text(60),
    v.check((name) => featureById(name) !== undefined, 'the name of something that can be measured'),
  ),
  valueMm: maybe(amount(-200, 2000, 'mm')),
  word: maybe(text(60)),
  parts: maybe(
    list(
      record({
        kind: oneOf(['plain', 'tabbed', 'c-washer', 'spacer', 'stay', 'other']),
        thicknessMm: amount(0.05, 60, 'mm'),
      }),
      20,
    ),
  ),
  typed: maybe(note(40)),
  unit: maybe(oneOf(['mm', 'inch'])),
  instrument: oneOf(['calipers', 'ruler', 'tape', 'eye']),
  takenAt: at,
  person: text(80),
  withdrawnAt: maybe(at),
  withdrawnBecause: maybe(note(400)),
});

const choice = record({
  id,
  bikeId: id,
  end,
  kind: oneOf(['end', 'wheel']),
  wheelId: maybe(id),
  chosenAt: at,
  person: text(80),
  withdrawnAt: optional(maybe(at)),
});

const stack = record({
  id,
  bikeId: id,
  end,
  wheelId: id,
  acceptedAt: at,
  person: text(80),
  byHand: flag(),
  coreVersion: text(40),
  snapshot: snapshotSchema,
  imported: optional(flag()),
});

const order = record({
  id,
  bikeId: id,
  end,
  what: text(200),
  count: integer(1, 500),
  reason: text(600),
  costEach: amount(0, 50_000, ''),
  leadDays: integer(0, 365),
  state: oneOf(['wanted', 'ordered', 'received']),
  changedAt: at,
  person: text(80),
  version: integer(1, 1_000_000),
});

const event = v.variant(
  'kind',
  jobEventKinds.map((kind) =>
    record({
      id,
      bikeId: id,
      kind: v.literal(kind),
      data: jobEventSchemas[kind],
      at,
      person: text(80),
      personId: maybe(id),
      withdrawnAt: maybe(at),
      receivedAt: optional(at),
      imported: optional(flag()),
    }),
  ),
  `one of ${jobEventKinds.join(', ')}`,
);

const photo = record({
  id,
  bikeId: id,
  about: text(80),
  note: maybe(text(200)),
  takenAt: at,
  person: text(80),
  widthPx: integer(1, 20_000),
  heightPx: integer(1, 20_000),
  withdrawnAt: maybe(at),
  /** The JPEG itself. */
  picture: v.pipe(
    v.string('a JPEG in base64'),
    v.base64('a JPEG in base64'),
    v.maxLength(6_000_000, 'a JPEG of at most 4.5 MB'),
  ),
});

export const jobFileSchema = record({
  format: v.literal(jobFormat, jobFormat),
  record: record({
    bike,
    readings: list(reading, 20_000),
    choices: list(choice, 5_000),
    stacks: list(stack, 1_000),
    orders: list(order, 5_000),
    // Files from before these were kept have none.
    events: v.optional(list(event, 20_000), []),
    photos: v.optional(list(photo, 500), []),
  }),
});

export type JobFile = v.InferOutput<typeof jobFileSchema>;
