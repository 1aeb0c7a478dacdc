export { storeKinds, type LoosePart, type StoreItem, type StoreKind, type Wheel } from './parts';
export { usableWashers, washerId, type WasherSeat } from './usable-washers';
