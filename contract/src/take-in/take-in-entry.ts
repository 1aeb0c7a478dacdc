import { toldFeatures } from '@cricket/core/told';
import { Anything, Items, Maybe, OneOf, Uuid } from '@cricket/core/input';

import { Moment } from '../moment';

/** One answer: null takes it back to not known. */
export class NewTelling {
  /** Of the reading that it becomes. */
  @Uuid() id!: string;
  @OneOf(toldFeatures) feature!: string;
  @Maybe() @Anything() is!: unknown;
}

/** What take-in records of a bike at one time: only what is new. Each answer becomes a reading of the whole bike. */
export class TakeInEntry {
  @Items(() => NewTelling, 100) tellings!: NewTelling[];
  /** By the phone's clock. */
  @Moment() takenAt!: string;
}
