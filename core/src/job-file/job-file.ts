import { BikeFacts } from '../bike-facts';
import { featureById } from '../features';
import {
  Amount,
  Base64,
  Checked,
  Exactly,
  Flag,
  OneOf,
  Remark,
  Text,
  Timestamp,
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
import { jobEventKinds, jobEventShapes, type JobEvent, type JobEventKind } from '../job-events';
import { LoosePart } from '../part-schemas';
import { FiledSnapshot } from './snapshot';

const bikeKinds = ['upright', 'step-through', 'box-bike', 'longtail', 'drop-bar', 'trike', 'tandem'] as const;

/** What stands at the head of every job file. */
export const jobFormat = 'cricket-job-1';

/** Most bytes of a job with its photos: what a bike may hold goes out, and comes in again. */
export const largestJob = 64 * 1024 * 1024;
/** Most bytes of the photos of one bike: in a job's file they take a third more. */
export const mostPhotoBytes = 40 * 1024 * 1024;

const ends = ['front', 'rear'] as const;

export class FiledBike {
  @Uuid() id!: string;
  @Text(12) tag!: string;
  @Text(80) name!: string;
  @OneOf(bikeKinds) kind!: (typeof bikeKinds)[number];
  @Maybe() @Text(6) riderInitials!: string | null;
  @Maybe() @Amount(200, 700, 'mm') beadSeatMm!: number | null;
  @Maybe() @Amount(600, 3000, 'mm') wheelbaseMm!: number | null;
  @Maybe() @Amount(250, 1200, 'mm') chainStayMm!: number | null;
  @Nested(() => BikeFacts) facts!: BikeFacts;
  @Timestamp() createdAt!: string;
  @Maybe() @Timestamp() withdrawnAt!: string | null;
  @Whole(1, 1_000_000) version!: number;
}

/** What every record of a bike has. */
class OfBike {
  @Uuid() id!: string;
  @Uuid() bikeId!: string;
}

export class FiledReading extends OfBike {
  @OneOf(ends) end!: (typeof ends)[number];
  @Checked(Text(60), (name: string) => featureById(name) !== undefined, 'the name of something that can be measured')
  feature!: string;
  @Maybe() @Amount(-200, 2000, 'mm') valueMm!: number | null;
  @Maybe() @Text(60) word!: string | null;
  @Maybe() @Items(() => LoosePart, 20) parts!: LoosePart[] | null;
  @Maybe() @Remark(40) typed!: string | null;
  @Maybe() @OneOf(['mm', 'inch']) unit!: 'mm' | 'inch' | null;
  @OneOf(['calipers', 'ruler', 'tape', 'eye']) instrument!: 'calipers' | 'ruler' | 'tape' | 'eye';
  @Timestamp() takenAt!: string;
  @Text(80) person!: string;
  @Maybe() @Timestamp() withdrawnAt!: string | null;
  @Maybe() @Remark(400) withdrawnBecause!: string | null;
}

export class FiledChoice extends OfBike {
  @OneOf(ends) end!: (typeof ends)[number];
  @OneOf(['end', 'wheel']) kind!: 'end' | 'wheel';
  @Maybe() @Uuid() wheelId!: string | null;
  @Timestamp() chosenAt!: string;
  @Text(80) person!: string;
  @Optional() @Maybe() @Timestamp() withdrawnAt?: string | null;
}

export class FiledStack extends OfBike {
  @OneOf(ends) end!: (typeof ends)[number];
  @Uuid() wheelId!: string;
  @Timestamp() acceptedAt!: string;
  @Text(80) person!: string;
  @Flag() byHand!: boolean;
  @Text(40) coreVersion!: string;
  @Nested(() => FiledSnapshot) snapshot!: FiledSnapshot;
  @Optional() @Flag() imported?: boolean;
}

export class FiledOrder extends OfBike {
  @OneOf(ends) end!: (typeof ends)[number];
  @Text(200) what!: string;
  @Whole(1, 500) count!: number;
  @Text(600) reason!: string;
  @Amount(0, 50_000, '') costEach!: number;
  @Whole(0, 365) leadDays!: number;
  @OneOf(['wanted', 'ordered', 'received']) state!: 'wanted' | 'ordered' | 'received';
  @Timestamp() changedAt!: string;
  @Text(80) person!: string;
  @Whole(1, 1_000_000) version!: number;
}

/** An event of one kind. */
function filedEvent(kind: JobEventKind): Shape {
  return shapeOf({
    id: [Uuid()],
    bikeId: [Uuid()],
    kind: [Exactly(kind)],
    data: [Nested(() => jobEventShapes[kind])],
    at: [Timestamp()],
    person: [Text(80)],
    personId: [Maybe(), Uuid()],
    withdrawnAt: [Maybe(), Timestamp()],
    receivedAt: [Optional(), Timestamp()],
    imported: [Optional(), Flag()],
  });
}

const filedEvents = Object.fromEntries(jobEventKinds.map((kind) => [kind, filedEvent(kind)]));

export type FiledEvent = JobEvent & { bikeId: string; personId: string | null };

export class FiledPhoto extends OfBike {
  @Text(80) about!: string;
  @Maybe() @Text(200) note!: string | null;
  @Timestamp() takenAt!: string;
  @Text(80) person!: string;
  @Whole(1, 20_000) widthPx!: number;
  @Whole(1, 20_000) heightPx!: number;
  @Maybe() @Timestamp() withdrawnAt!: string | null;
  /** The JPEG itself. */
  @Base64('a JPEG in base64 of at most 4.5 MB', 6_000_000) picture!: string;
}

export class FiledRecord {
  @Nested(() => FiledBike) bike!: FiledBike;
  @Items(() => FiledReading, 20_000) readings!: FiledReading[];
  @Items(() => FiledChoice, 5_000) choices!: FiledChoice[];
  @Items(() => FiledStack, 1_000) stacks!: FiledStack[];
  @Items(() => FiledOrder, 5_000) orders!: FiledOrder[];
  // Files from before these were kept have none.
  @Optional() @Items(OneOfKinds('kind', filedEvents), 20_000) events?: FiledEvent[];
  @Optional() @Items(() => FiledPhoto, 500) photos?: FiledPhoto[];
}

export class JobFile {
  @Exactly(jobFormat) format!: typeof jobFormat;
  @Nested(() => FiledRecord) record!: FiledRecord;
}
