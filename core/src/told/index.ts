/** What take-in was told, answer by answer: who reads it needs none of the contracts that it was held against. */
export { lastTold, type ToldReading } from './last-told';
export { alike, toldBetween, toldFacts, toldFeatures, withTold, type Telling } from './told';
