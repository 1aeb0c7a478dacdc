/** What small parts on the axle are called. */
export { isNamed, partName, wantedName, washerName } from './part-names';
