/** Front, rear or mid: the score of each place with its reasons. */
export {
  scoreFactors,
  takeInSchema,
  type Place,
  type PlaceScore,
  type ScoreFactor,
  type ScoreFactorId,
  type TakeInInput,
  type TakeInResult,
} from './contract';
export { takeIn, weightsOf } from './take-in';
