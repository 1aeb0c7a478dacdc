import { said, type Said } from '../said';
import {
  acceptanceKinds,
  type Acceptance,
  type AcceptanceKind,
  type AcceptedStackInput,
  type AcceptedStackResult,
  type ArrangementInput,
  type ArrangementResult,
} from '../acceptance';
import { toldFeatures } from '../told';
import { featureById } from '../features';
import {
  Amount,
  Anything,
  Base64,
  Checked,
  Exactly,
  Flag,
  OneOf,
  Remark,
  Text,
  Timestamp,
  ToSay,
  Uuid,
  Whole,
  Maybe,
  Optional,
  Items,
  Nested,
  OneOfKinds,
  shapeOf,
  type Shape,
} from '../input';
import { jobEventKinds, jobEventShapes, placesOf, type JobEvent, type JobEventKind } from '../job-events';
import { PlainWantedPart, LoosePart, PlainWheel } from '../part-schemas';
import { jobEventSchemaVersion, places } from '../model';
import type { RoomStation } from '../whole-bike/contract';
import { instruments } from '../reading-statistics';
import { jobFormat } from './format';

const bikeKinds = ['upright', 'step-through', 'box-bike', 'longtail', 'drop-bar', 'trike', 'tandem'] as const;

/** Most bytes of a job with its photos: what a bike may hold goes out, and comes in again. */
export const largestJob = 64 * 1024 * 1024;
/** Most bytes of the photos of one bike: in a job's file they take a third more. */
export const mostPhotoBytes = 40 * 1024 * 1024;

export class FiledBike {
  @Uuid() id!: string;
  @Text(12) tag!: string;
  @Text(80) name!: string;
  @OneOf(bikeKinds) kind!: (typeof bikeKinds)[number];
  @Maybe() @Text(6) riderInitials!: string | null;
  @Maybe() @Amount(200, 700, 'mm') beadSeatMm!: number | null;
  @Maybe() @Amount(600, 3000, 'mm') wheelbaseMm!: number | null;
  @Maybe() @Amount(250, 1200, 'mm') chainStayMm!: number | null;
  @Timestamp() createdAt!: string;
  @Maybe() @Timestamp() withdrawnAt!: string | null;
  @Whole(1, 1_000_000) version!: number;
}

/** What every record of a bike has. */
class OfBike {
  @Uuid() id!: string;
  @Uuid() bikeId!: string;
  @OneOf(places) place!: (typeof places)[number];
  /** Who it was, by name; and who that is in the shop that wrote the file. */
  @Text(80) person!: string;
  @Maybe() @Uuid() personId!: string | null;
}

/** What somebody has told, or the walk round has found. */
class FiledTold {
  @Maybe() @Anything() is!: unknown;
}

const readable = (name: string) => featureById(name) !== undefined || toldFeatures.includes(name);

export class FiledReading extends OfBike {
  @Checked(Text(60), readable, said('job-file.name-of-something-that-can-be'))
  feature!: string;
  @Maybe() @Amount(-200, 2000, 'mm') valueMm!: number | null;
  @Maybe() @Text(60) word!: string | null;
  @Maybe() @Items(() => LoosePart, 20) parts!: LoosePart[] | null;
  @Maybe() @Nested(() => FiledTold) told!: FiledTold | null;
  @Maybe() @Remark(40) typed!: string | null;
  @Maybe() @OneOf(['mm', 'inch']) unit!: 'mm' | 'inch' | null;
  @OneOf(instruments) instrument!: (typeof instruments)[number];
  @Timestamp() takenAt!: string;
  @Maybe() @Timestamp() withdrawnAt!: string | null;
  @Maybe() @Remark(400) withdrawnBecause!: string | null;
}

export class FiledChoice extends OfBike {
  @OneOf(['place', 'wheel']) kind!: 'place' | 'wheel';
  @Maybe() @Uuid() wheelId!: string | null;
  @Timestamp() chosenAt!: string;
  @Maybe() @Timestamp() withdrawnAt!: string | null;
}

/** The same, for what is put together by kind. */
const ofBike = {
  id: [Uuid()],
  bikeId: [Uuid()],
  place: [OneOf(places)],
  person: [Text(80)],
  personId: [Maybe(), Uuid()],
};

/** An acceptance of one kind. */
function filedAcceptance(kind: AcceptanceKind): Shape {
  const { input, result, schemaVersion } = acceptanceKinds[kind];
  return shapeOf({
    ...ofBike,
    kind: [Exactly(kind)],
    schemaVersion: [Whole(schemaVersion, schemaVersion)],
    input: [Nested(() => input)],
    result: [Nested(() => result)],
    acceptedAt: [Timestamp()],
    imported: [Flag()],
    coreVersion: [Text(40)],
  });
}

const filedAcceptances = Object.fromEntries(
  (Object.keys(acceptanceKinds) as AcceptanceKind[]).map((kind) => [kind, filedAcceptance(kind)]),
);

export type FiledAcceptance =
  | Acceptance<'stack', AcceptedStackInput, AcceptedStackResult>
  | Acceptance<RoomStation, ArrangementInput, ArrangementResult>;

export class FiledOrder extends OfBike {
  /** Left out by an earlier version. */
  @Optional() @Maybe() @Nested(() => PlainWantedPart) part?: PlainWantedPart | null;
  @Text(200) what!: string;
  @Whole(1, 500) count!: number;
  @Text(600) reason!: string;
  /** Left out by an earlier version. */
  @Optional() @Maybe() @ToSay() because?: Said | null;
  @Amount(0, 50_000, '') costEach!: number;
  @Whole(0, 365) leadDays!: number;
  @OneOf(['wanted', 'ordered', 'received']) state!: 'wanted' | 'ordered' | 'received';
  @Timestamp() changedAt!: string;
  @Whole(1, 1_000_000) version!: number;
}

/** An event of one kind. */
function filedEvent(kind: JobEventKind): Shape {
  return shapeOf({
    ...ofBike,
    place: [OneOf(placesOf(kind))],
    kind: [Exactly(kind)],
    schemaVersion: [Whole(jobEventSchemaVersion, jobEventSchemaVersion)],
    data: [Nested(() => jobEventShapes[kind])],
    at: [Timestamp()],
    withdrawnAt: [Maybe(), Timestamp()],
    receivedAt: [Optional(), Timestamp()],
    imported: [Optional(), Flag()],
  });
}

const filedEvents = Object.fromEntries(jobEventKinds.map((kind) => [kind, filedEvent(kind)]));

export type FiledEvent = JobEvent & { bikeId: string; personId: string | null; schemaVersion: number };

export class FiledPhoto extends OfBike {
  @Text(80) about!: string;
  @Maybe() @Text(200) note!: string | null;
  @Timestamp() takenAt!: string;
  @Whole(1, 20_000) widthPx!: number;
  @Whole(1, 20_000) heightPx!: number;
  @Maybe() @Timestamp() withdrawnAt!: string | null;
  /** The JPEG itself. */
  @Base64(said('job-file.jpeg-in-base64-of-at-most'), 6_000_000) picture!: string;
}

export class FiledRecord {
  @Nested(() => FiledBike) bike!: FiledBike;
  @Items(() => FiledReading, 20_000) readings!: FiledReading[];
  @Items(() => FiledChoice, 5_000) choices!: FiledChoice[];
  @Items(OneOfKinds('kind', filedAcceptances), 1_000) acceptances!: FiledAcceptance[];
  @Items(() => FiledOrder, 5_000) orders!: FiledOrder[];
  @Items(OneOfKinds('kind', filedEvents), 20_000) events!: FiledEvent[];
  @Items(() => FiledPhoto, 500) photos!: FiledPhoto[];
}

export class JobFile {
  @Exactly(jobFormat) format!: typeof jobFormat;
  @Nested(() => FiledRecord) record!: FiledRecord;
  /** The kits that were chosen for it; an earlier file has none. */
  @Optional() @Items(() => PlainWheel, 200) wheels?: PlainWheel[];
}
