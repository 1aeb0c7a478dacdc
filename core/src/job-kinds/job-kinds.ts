/** Which part of the work comes first where the order is free. */
export const schools = ['wheel-first', 'bar-first'] as const;
export type School = (typeof schools)[number];

/** Where tabs go when more than one way is free: inside both sides, one in and one out, outside, or plates in the eyes. */
export const tabSchools = ['inside', 'mixed', 'outside', 'plates'] as const;
export type TabSchool = (typeof tabSchools)[number];

export const sensorKinds = ['split-ring', 'ring-under-crank', 'under-cup', 'sealed', 'torque-shell', 'none'] as const;
export type SensorKind = (typeof sensorKinds)[number];

export const batteryPlaces = ['triangle', 'rack', 'bag', 'wheel'] as const;
export type BatteryPlace = (typeof batteryPlaces)[number];

/** Where the shop asks for a second person: nowhere, at the steps that tell most, at every step that safety hangs on. */
export const secondLooks = ['none', 'telling', 'every'] as const;
export type SecondLooks = (typeof secondLooks)[number];

/** When tyre, rotor and sprockets go on: after the bare wheel was tried in the frame, or before. */
export const wheelOrders = ['dry-fit-first', 'tyre-first'] as const;

/** Axle nuts: dry and re-torqued, or thread-locked and renewed when they are re-torqued. */
export const nutSchools = ['retorqued', 'locked'] as const;
