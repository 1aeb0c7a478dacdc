import type { Wheel } from '@cricket/contract/shapes';

/** A wheel of the demo catalogue without what the database adds. */
export type WheelSpec = Omit<Wheel, 'id' | 'version' | 'kit'>;
