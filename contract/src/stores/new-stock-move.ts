import { OneOf, Whole } from '@cricket/core/input';

import { Moment } from '../moment';

/** Somebody counted a drawer, or put something in or took it out. Moves made without network add up. */
export class NewStockMove {
  @OneOf(['counted', 'moved']) kind!: 'counted' | 'moved';
  /** So many lie there; or so many more, or fewer. */
  @Whole(-9999, 9999) count!: number;
  /** By the phone's clock. */
  @Moment() at!: string;
}
