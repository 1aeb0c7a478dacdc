import type { BikeRecord, BikeSummary, Shop, ShopSettings, StackAcceptance } from '@cricket/contract/shapes';
import type { Workshop } from '@cricket/core/next-action';
import type { End } from '@cricket/core/features';
import type { Language } from '@cricket/core/said';

import { asAccepted, jobCosts, jobData, takenAt, type SheetData } from '../documents/job-data';
import { jobSheet, stackCard } from '../documents/job-sheet';
import { readJobFile, type ReadJobFile } from '../documents/read-job-file';
import { summariesOf } from '../fit/summaries';

/** What a sheet is made from. */
export interface SheetSource {
  record: BikeRecord;
  workshop: Workshop;
  settings: ShopSettings;
  shop: Shop;
  /** What the code on the sheet opens. */
  address: string;
  printedAt: Date;
  /** In which it is printed. */
  language: Language;
}

/** Bikes whose summaries are worked out. */
export interface SummarySource {
  records: readonly BikeRecord[];
  workshop: Workshop;
}

/** Work that takes long enough for others to notice. */
export interface Heavy {
  summaries: (source: SummarySource) => Promise<BikeSummary[]>;
  jobSheet: (source: SheetSource) => Promise<Uint8Array>;
  /** Null when no stack is taken for this end. */
  stackCard: (source: SheetSource & { end: End }) => Promise<Uint8Array | null>;
  /** @throws ProblemError 400 and 422 as for an ordinary body */
  readJobFile: (bytes: Uint8Array<ArrayBuffer>) => Promise<ReadJobFile>;
}

/** The work itself, wherever it is done. */
export const inPlace: Heavy = {
  summaries: async ({ records, workshop }) => summariesOf(records, workshop),
  jobSheet: (source) => jobSheet(sheetOf(source), source.shop, source.address, source.printedAt),
  stackCard: async (source) => {
    const data = asAccepted(jobData(source.record, source.workshop, source.settings, source.language));
    const taken: StackAcceptance | null = takenAt(data.record, source.end);
    const endJob = data.job?.ends.find(({ end }) => end === source.end);
    if (!taken || !endJob) return null;
    return stackCard(taken, endJob, data, source.shop, source.address, source.printedAt);
  },
  readJobFile,
};

function sheetOf({ record, workshop, settings, language }: SheetSource): SheetData {
  const today = jobData(record, workshop, settings, language);
  const costs = jobCosts(today, workshop.logged, settings.hourlyRate, workshop.limits);
  return { ...asAccepted(today), costs, currency: settings.currency ?? null };
}
