/** Where the controller goes in the side view: room, air, hold, and whether its cables reach from there. */
export { openBoxPlace } from './box-place';
export type { OpenBoxPlace, PlacedBox } from './contract';
export { controllerOfBike } from './controller-of-bike';
