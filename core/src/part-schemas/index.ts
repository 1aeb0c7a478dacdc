/** Contracts of wheels, kits and store lines, as they stand in files and requests. */
export { Delivered, LoosePart, PlainStoreDetails, PlainStoreItem, PlainWheel, PlainWheelAxle } from './part-schemas';
export { PlainWantedPart } from './wanted-part';
