import { said, type Said } from '../said';
import { axleAt } from '../model';
import { BikeFacts } from '../bike-facts';
import { endFacts, PlainReading, type EndFacts, type Reading } from '../end-facts';
import { featureById, type End } from '../features';
import { Amount, OneOf, Text, Optional, Items, Nested, InputError, readInput } from '../input';
import { OwnLimits } from '../limits';
import { Delivered, PlainStoreItem, PlainWheel } from '../part-schemas';
import type { FitReport } from './contract';
import { fit } from './fit';

export class PlainFitInput {
  @OneOf(['front', 'rear']) end!: 'front' | 'rear';
  @Items(() => PlainReading, 2000) readings!: PlainReading[];
  @Nested(() => PlainWheel) wheel!: PlainWheel;
  /** What the axle nuts will be tightened to. */
  @Optional() @Amount(0, 150, 'N·m') nutTorqueNm?: number;
  @Nested(() => BikeFacts) bike!: BikeFacts;
  @Items(() => PlainStoreItem, 2000) stores!: PlainStoreItem[];
  @Optional() @Nested(() => Delivered) delivered?: Delivered;
  @Optional() @Items(Text(80), 100) tools?: string[];
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

/** A report in plain data: facts and statistics are left out, they follow from the readings. */
export type PlainFitReport = Omit<FitReport, 'open' | 'measureNext' | 'wheel'> & {
  open: string[];
  measureNext: { feature: string; state: 'open' | 'again'; worthPerSecond: number; seconds: number; because: Said }[];
};

/**
 * A whole fit from plain data: readings, kit, stores and take-in as they stand in a file.
 *
 * @throws InputError for values out of range and for readings of features that do not exist
 */
export function plainFit(input: PlainFitInput): PlainFitReport {
  const { end, readings, delivered, ...rest } = readInput(PlainFitInput, input);
  return plainReport(fit({ ...given(rest), facts: factsOf(end, readings), delivered: delivered ?? null }));
}

/** Facts of one end from plain readings; they count in the order in which they stand. */
export function factsOf(end: End, readings: readonly PlainReading[]): EndFacts {
  return endFacts(
    end,
    readings.map((reading, index): Reading => {
      const feature = featureById(reading.feature);
      if (!feature)
        throw new InputError(`readings.${index}.feature`, reading.feature, said('fit.name-of-something-that-can-be'));
      const instrument = reading.instrument ?? (feature.kind === 'length' ? feature.instrument : 'eye');
      return {
        id: String(index),
        place: axleAt(end),
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
