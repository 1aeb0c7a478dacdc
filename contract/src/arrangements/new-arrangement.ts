import { Anything, Named, OneOf, Optional, Text } from '@cricket/core/input';
import { roomStations, type RoomStation } from '@cricket/core/whole-bike';

import { Moment } from '../moment';

/**
 * How something besides an axle is to be built. The figures are not sent: the server works them out again from what is told of the
 * bike, and refuses what has become another thing meanwhile, or must not be built.
 */
export class NewArrangement {
  @OneOf(roomStations) kind!: RoomStation;
  /** What it hangs on, as it was seen. */
  @Named(Anything()) facts!: object;
  /** Of the owner, where no brake cuts the motor: why that is answered for. */
  @Optional() @Text(400) because?: string;
  @Moment() acceptedAt!: string;
}
