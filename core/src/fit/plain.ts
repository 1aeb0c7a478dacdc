import type * as v from 'valibot';

import { bikeFactsSchema } from '../bike-facts';
import { endFacts, plainReadingSchema, type EndFacts, type PlainReading, type Reading } from '../end-facts';
import { featureById, type End } from '../features';
import { amount, InputError, list, oneOf, optional, readInput, record, text } from '../input';
import { limitsSchema } from '../limits';
import { deliveredSchema, storeItemSchema, wheelSchema } from '../part-schemas';
import type { FitReport } from './contract';
import { fit } from './fit';

const shared = {
  bike: bikeFactsSchema,
  stores: list(storeItemSchema, 2000),
  delivered: optional(deliveredSchema),
  tools: optional(list(text(80), 100)),
  limits: optional(limitsSchema),
};

export const plainFitSchema = record({
  end: oneOf(['front', 'rear']),
  readings: list(plainReadingSchema, 2000),
  wheel: wheelSchema,
  /** What the axle nuts will be tightened to. */
  nutTorqueNm: optional(amount(0, 150, 'N·m')),
  ...shared,
});

export type PlainFitInput = v.InferOutput<typeof plainFitSchema>;

/** A report in plain data: facts and statistics are left out, they follow from the readings. */
export type PlainFitReport = Omit<FitReport, 'open' | 'measureNext' | 'wheel'> & {
  open: string[];
  measureNext: { feature: string; state: 'open' | 'again'; worthPerSecond: number; seconds: number; because: string }[];
};

/**
 * A whole fit from plain data: readings, kit, stores and take-in as they stand in a file.
 *
 * @throws InputError for values out of range and for readings of features that do not exist
 */
export function plainFit(input: PlainFitInput): PlainFitReport {
  const { end, readings, delivered, ...rest } = readInput(plainFitSchema, input);
  return plainReport(fit({ ...given(rest), facts: factsOf(end, readings), delivered: delivered ?? null }));
}

/** Facts of one end from plain readings; they count in the order in which they stand. */
export function factsOf(end: End, readings: readonly PlainReading[]): EndFacts {
  return endFacts(
    end,
    readings.map((reading, index): Reading => {
      const feature = featureById(reading.feature);
      if (!feature)
        throw new InputError(
          `readings.${index}.feature`,
          reading.feature,
          'the name of something that can be measured',
        );
      const instrument = reading.instrument ?? (feature.kind === 'length' ? feature.instrument : 'eye');
      return {
        id: String(index),
        end,
        feature: reading.feature,
        valueMm: reading.valueMm ?? null,
        word: reading.word ?? null,
        parts: reading.parts ?? null,
        instrument,
        takenAt: String(index).padStart(6, '0'),
        withdrawnAt: null,
      };
    }),
  );
}

export function plainReport({ wheel: _, ...report }: FitReport): PlainFitReport {
  return {
    ...report,
    open: report.open.map(({ id }) => id),
    measureNext: report.measureNext.map(({ feature, ...rest }) => ({ feature: feature.id, ...rest })),
  };
}

/** Fields that may be left out arrive as absent, not as undefined. */
function given<T extends object>(values: T): T {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as T;
}
