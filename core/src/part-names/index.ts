/** What small parts on the axle are called. */
export { partName, wantedName, washerName } from './part-names';
