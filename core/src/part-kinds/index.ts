/** Which kinds of part there are. */
export { isStoreKind, partKinds, storeKinds, type PartKind, type StoreKind } from './kinds';
export { type PartOf, type PartSpec } from './part-of';
