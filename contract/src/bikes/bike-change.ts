import { Whole } from '@cricket/core/input';

import { NewBike } from './new-bike';

/** A bike's own facts, changed: all of them, with the version that was read. */
export class BikeChange extends NewBike {
  @Whole(1, 1_000_000) version!: number;
}
