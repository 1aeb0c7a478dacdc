import { IsInt, Min } from 'class-validator';

import { NewBike } from './new-bike';

/** A bike's own facts, changed: all of them, with the version that was read. */
export class BikeChange extends NewBike {
  @IsInt()
  @Min(1)
  version!: number;
}
