import { Amount, Exactly, Flag, Items, Nested, OneOf, Optional, Text, Uuid } from '@cricket/core/input';
import { axlePlaces } from '@cricket/core/model';

import { Moment } from '../moment';

/** Washers of a side measured together. */
export class MeasuredSides {
  @Optional() @Amount(0, 60, 'mm') left?: number;
  @Optional() @Amount(0, 60, 'mm') right?: number;
}

/**
 * A stack that the installer accepts. The figures are not sent: the server works them out again from the readings, and
 * refuses a stack that must not be fitted.
 */
export class NewStack {
  @Exactly('stack') kind!: 'stack';
  @OneOf(axlePlaces) place!: (typeof axlePlaces)[number];
  @Uuid() wheelId!: string;
  /** Washer ids from the hub outwards. */
  @Items(Text(60), 12) left!: string[];
  @Items(Text(60), 12) right!: string[];
  @Items(Amount(0.05, 10, 'mm'), 2) rotorShimsMm!: number[];
  @Items(Amount(0.05, 10, 'mm'), 2) caliperShimsMm!: number[];
  /** What the washers of a side measure together, where that was measured at the stand. */
  @Optional() @Nested(() => MeasuredSides) measuredMm?: MeasuredSides;
  @Flag() byHand!: boolean;
  @Moment() acceptedAt!: string;
}
