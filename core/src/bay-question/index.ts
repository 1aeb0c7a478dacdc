/** What the room in the frame of one bike is asked, from what is known of it. */
export { bayOfBike, type BayOfBike } from './bay-question';
export type {
  BayPack,
  BayPlace,
  BoxPlace,
  BikeBay,
  BikeFrame,
  FrameSpot,
  FrameThing,
  LongThing,
  RoundThing,
} from '../bike-facts/bay';
export { outlineOf } from './outlines';
