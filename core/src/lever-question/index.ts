/** What the brake levers of one bike are asked, from what is known of it. */
export type { BikeLevers, LeverOfBike } from '../bike-facts/levers';
export { addedName } from './added-name';
export { leverQuestion, leversChosen, leversOfBike } from './lever-question';
