import { Optional, Remark } from '@cricket/core/input';

/** Takes something back without deleting it. */
export class Withdrawal {
  @Optional() @Remark(200) because?: string;
}
