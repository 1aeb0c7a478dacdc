/** Motor wheels, kits, washers, arms and everything else on the shelf. */
export {
  storeKinds,
  threadedKinds,
  type ArmFacts,
  type LoosePart,
  type StoreDetails,
  type StoreItem,
  type StoreKind,
  type TyreFacts,
  type Wheel,
} from './parts';
export { shimsOnHand } from './shims';
export { boreSuits, deliveredIds, usableWashers, washerId, type WasherSeat } from './usable-washers';
export { boughtKinds, partKey, partKinds, type PartKind, type WantedPart } from './wanted';
