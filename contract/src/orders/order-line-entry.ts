import { Amount, Maybe, Nested, OneOf, Optional, Text, ToSay, Whole } from '@cricket/core/input';
import { PlainWantedPart } from '@cricket/core/part-schemas';

import { places, type Place } from '@cricket/core/model';
import type { Said } from '@cricket/core/said';

import { orderStates } from '../shapes';

/** A line of a bike's shopping list that somebody has touched. */
export class OrderLineEntry {
  @OneOf(places) place!: Place;
  /** What is to be got, whatever it is called. */
  @Optional() @Maybe() @Nested(() => PlainWantedPart) part?: PlainWantedPart | null;
  @Text(200) what!: string;
  @Whole(1, 500) count!: number;
  @Text(600) reason!: string;
  /** The reason as what is to be said, where a list gave it. */
  @Optional() @Maybe() @ToSay() because?: Said | null;
  @Amount(0, 50_000, '') costEach!: number;
  @Whole(0, 365) leadDays!: number;
  @OneOf(orderStates) state!: (typeof orderStates)[number];
  @Whole(0, 1_000_000) version!: number;
}
