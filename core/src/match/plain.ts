import type * as v from 'valibot';

import { bikeFactsSchema } from '../bike-facts';
import { plainReadingSchema } from '../end-facts';
import { factsOf } from '../fit';
import { amount, list, optional, readInput, record, text } from '../input';
import { limitsSchema } from '../limits';
import { storeItemSchema, wheelSchema } from '../part-schemas';
import type { Verdict } from '../verdict';
import { match } from './match';

export const plainMatchSchema = record({
  ends: record({
    front: optional(list(plainReadingSchema, 2000)),
    rear: optional(list(plainReadingSchema, 2000)),
  }),
  bike: bikeFactsSchema,
  wheels: list(wheelSchema, 500),
  stores: list(storeItemSchema, 2000),
  tools: optional(list(text(80), 100)),
  hourlyRate: optional(amount(0, 1000, '')),
  limits: optional(limitsSchema),
});

export type PlainMatchInput = v.InferOutput<typeof plainMatchSchema>;

export interface PlainMatchRow {
  code: string;
  end: 'front' | 'rear';
  verdict: Verdict;
  /** The finding that decides. */
  because: string;
  cost: number;
  minutes: number;
  leadDays: number;
}

/** Every kit at every end that was measured, best first, in plain data. */
export function plainMatch(input: PlainMatchInput): PlainMatchRow[] {
  const { ends, tools, hourlyRate, limits, ...rest } = readInput(plainMatchSchema, input);
  const rows = match({
    ...rest,
    ends: {
      ...(ends.front && { front: factsOf('front', ends.front) }),
      ...(ends.rear && { rear: factsOf('rear', ends.rear) }),
    },
    delivered: null,
    ...(tools && { tools }),
    ...(hourlyRate !== undefined && { hourlyRate }),
    ...(limits && { limits }),
  });
  return rows.map(({ wheel, end, report }) => ({
    code: wheel.code,
    end,
    verdict: report.verdict,
    because: report.findings[0]?.because ?? '',
    cost: report.cost,
    minutes: report.minutes,
    leadDays: report.leadDays,
  }));
}
