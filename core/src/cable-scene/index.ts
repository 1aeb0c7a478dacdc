/** The bike with its cables, from its right side or from above: where everything is in mm, and what a page or a sheet draws of it. */
export {
  cablePlan,
  movedSpot,
  seenFrom,
  straight,
  type CableCrop,
  type CablePlan,
  type CableViewFrom,
  type HeldPlaces,
  type Point,
} from './cable-plan';
export { cableScale, cableScene, type CableScale } from './cable-scene';
