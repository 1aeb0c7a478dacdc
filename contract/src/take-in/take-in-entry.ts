import { BikeFacts } from '@cricket/core/bike-facts';
import { Nested, Whole } from '@cricket/core/input';

/** What take-in records of a bike, with the version that was read. */
export class TakeInEntry {
  @Nested(() => BikeFacts) facts!: BikeFacts;
  @Whole(1, 1_000_000) version!: number;
}
