export {
  storeKinds,
  type ArmFacts,
  type LoosePart,
  type StoreDetails,
  type StoreItem,
  type StoreKind,
  type TyreFacts,
  type Wheel,
} from './parts';
export { deliveredIds, usableWashers, washerId, type WasherSeat } from './usable-washers';
