import { Amount, Maybe, OneOf, Optional, Text } from '@cricket/core/input';

import { bikeKinds, type BikeKind } from '../shapes';

/** What it takes to bring a bike in: a tag or a name is enough. */
export class NewBike {
  /** @example "MQ-31" */
  @Text(12) tag!: string;
  /** @example "Bakery box bike" */
  @Text(80) name!: string;
  @OneOf(bikeKinds) kind!: BikeKind;
  @Optional() @Maybe() @Text(6) riderInitials?: string | null;
  @Optional() @Maybe() @Amount(200, 700, 'mm') beadSeatMm?: number | null;
  @Optional() @Maybe() @Amount(600, 3000, 'mm') wheelbaseMm?: number | null;
  @Optional() @Maybe() @Amount(250, 1200, 'mm') chainStayMm?: number | null;
}
