import { summariesOf } from '../fit/summaries';
import type { SummarySource } from './heavy';
import { told } from './told';

/** A thread that loads what a fit needs and nothing of sheets and pictures: it is up whenever something changes. */
export const summaries = told(async ({ records, workshop }: SummarySource) => summariesOf(records, workshop));
