/** What is recorded of a bike carries the place that it concerns. */
export {
  axleAt,
  axlePlaces,
  endAt,
  places,
  placeShown,
  type AxlePlace,
  type End,
  type Place,
  type Side,
} from './place';
export { jobEventSchemaVersion } from './schema-versions';
