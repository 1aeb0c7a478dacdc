/** A battery on a rack: what the rack carries, what holds the battery on it. */
export { RacksInput, type RacksResult } from './contract';
export { racks } from './racks';
