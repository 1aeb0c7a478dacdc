/** Shifter, derailleur and sprockets after the wheel has changed. */
export { clusters, GearIndexInput, oldHubs, type Cluster, type GearIndexResult } from './contract';
export { cassetteSpacersMm, gearIndex } from './gear-index';
