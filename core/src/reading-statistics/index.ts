export { explainOdd, type OddReading } from './explain-odd';
export {
  askAgainSpreadMm,
  instruments,
  instrumentUncertaintyMm,
  readingStatistics,
  ReadingStatisticsInput,
  type Instrument,
  type ReadingStatistics,
} from './reading-statistics';
