import { Amount, OneOf, Text, Maybe, Optional, Items } from '../input';

export class PlainReadingPart {
  @OneOf(['plain', 'tabbed', 'c-washer', 'spacer', 'stay', 'other']) kind!:
    | 'plain'
    | 'tabbed'
    | 'c-washer'
    | 'spacer'
    | 'stay'
    | 'other';
  @Amount(0.05, 60, 'mm') thicknessMm!: number;
}

/** A reading in a file or on a command line: what was read where, without who and when. */
export class PlainReading {
  @Text(60) feature!: string;
  @Optional() @Maybe() @Amount(-200, 2000, 'mm') valueMm?: number | null;
  @Optional() @Maybe() @Text(60) word?: string | null;
  @Optional() @Maybe() @Items(() => PlainReadingPart, 12) parts?: PlainReadingPart[] | null;
  @Optional() @OneOf(['calipers', 'ruler', 'tape', 'eye']) instrument?: 'calipers' | 'ruler' | 'tape' | 'eye';
}
