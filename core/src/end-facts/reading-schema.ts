import * as v from 'valibot';

import { amount, list, oneOf, optional, record, text } from '../input';

/** A reading in a file or on a command line: what was read where, without who and when. */
export const plainReadingSchema = record({
  feature: text(60),
  valueMm: optional(v.nullable(amount(-200, 2000, 'mm'))),
  word: optional(v.nullable(text(60))),
  parts: optional(
    v.nullable(
      list(
        record({
          kind: oneOf(['plain', 'tabbed', 'c-washer', 'spacer', 'stay', 'other']),
          thicknessMm: amount(0.05, 60, 'mm'),
        }),
        12,
      ),
    ),
  ),
  instrument: optional(oneOf(['calipers', 'ruler', 'tape', 'eye'])),
});

export type PlainReading = v.InferOutput<typeof plainReadingSchema>;
