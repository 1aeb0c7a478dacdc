/** Kinds that a fit, a stack or a wheel is worked out with. */
export const storeKinds = [
  'plain',
  'tabbed',
  'c-washer',
  'lock-plate',
  'rotor-shim',
  'caliper-shim',
  'arm',
  'rotor-bolt',
  'caliper-bolt',
  'rotor',
  'caliper',
  'spoke',
  'tyre',
  'cassette-spacer',
] as const;
export type StoreKind = (typeof storeKinds)[number];

export const isStoreKind = (kind: string): kind is StoreKind => (storeKinds as readonly string[]).includes(kind);

/** What comes with a kit or is bought for a bike besides, and lies on the shelf in between. */
const otherKinds = [
  'kit',
  'nut',
  'motor',
  'controller',
  'battery',
  'charger',
  'display',
  'throttle',
  'sensor',
  'lever',
  'shifter',
  'cable',
  'cluster',
  'tube',
  'rim-tape',
  'liner',
  'other',
] as const;

/** Every kind of part that there is. What each is told by: `partSpecs`. */
export const partKinds = [...storeKinds, ...otherKinds] as const;
export type PartKind = (typeof partKinds)[number];
