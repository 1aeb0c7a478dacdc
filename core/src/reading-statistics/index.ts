export { explainOdd, type OddReading } from './explain-odd';
export {
  askAgainSpreadMm,
  instruments,
  instrumentUncertaintyMm,
  readingStatistics,
  readingStatisticsSchema,
  type Instrument,
  type ReadingStatistics,
  type ReadingStatisticsInput,
} from './reading-statistics';
