/** What the cables of one bike are asked, from what is known of it. */
export {
  answerCables,
  cableNeeds,
  cableQuestion,
  type CableAnswer,
  type CableNeed,
  type CableQuestion,
} from './cable-question';
export type { BikeAnchor, BikeCables, BikeSteering, BikeTurning } from '../bike-facts/cables';
export { usualAnchors, usualSteering, usualTurning, type BikeSizes } from './usual-places';
