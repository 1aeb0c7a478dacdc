/** Front, rear or mid: the score of each place with its reasons. */
export {
  scoreFactors,
  type MotorPlace,
  type PlaceScore,
  type ScoreFactor,
  type ScoreFactorId,
  TakeInInput,
  type TakeInResult,
} from './contract';
export { takeIn, weightsOf } from './take-in';
