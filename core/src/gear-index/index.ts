/** Shifter, derailleur and sprockets after the wheel has changed. */
export {
  clusters,
  gearIndexSchema,
  oldHubs,
  type Cluster,
  type GearIndexInput,
  type GearIndexResult,
} from './contract';
export { cassetteSpacersMm, gearIndex } from './gear-index';
