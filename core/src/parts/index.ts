/** Motor wheels, kits, washers, arms and everything else on the shelf. */
export { type ArmFacts, type LoosePart, type StoreDetails, type StoreItem, type TyreFacts, type Wheel } from './parts';
export { shimsOnHand } from './shims';
export { catalogueFigures } from './kit-parts';
export { boreSuits, deliveredIds, usableWashers, washerId, type WasherSeat } from './usable-washers';
export { drawerFor, drawerOf, partOfItem, storeItems, type Drawer } from './drawers';
export { partKey, type WantedPart } from './wanted';
export { isNamed, wantedName } from './wanted-name';
