/** How the plugs of one bike meet, from what is known of them. */
export type { BikeWiring } from '../bike-facts/wiring';
export { middleOf, wiringOfBike, type WiringOfBike } from './wiring-question';
