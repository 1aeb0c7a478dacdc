/** What the way of the current is asked on one bike, from what is known of it. */
export type { BikeAccessory, BikePower, PowerPack } from '../bike-facts/power';
export { pathNeeds, powerOfBike, type PathNeed, type PowerOfBike } from './power-question';
