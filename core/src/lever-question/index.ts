/** What the brake levers of one bike are asked, from what is known of it. */
export type { BikeLevers, LeverOfBike } from '../bike-facts/levers';
export { leverQuestion, leversChosen, leversOfBike } from './lever-question';
