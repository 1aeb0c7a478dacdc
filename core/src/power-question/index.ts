/** What the way of the current is asked on one bike, from what is known of it. */
export type { BikeAccessory, BikePower, PowerPack } from './facts';
export { pathNeeds, powerOfBike, type PathNeed, type PowerOfBike } from './power-question';
