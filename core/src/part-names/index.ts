/** What small parts on the axle are called. */
export { partName, washerName } from './part-names';
