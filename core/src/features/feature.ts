import type { StandardFeature } from '../identify-standard';
import type { Side } from '../model';
import type { Instrument } from '../reading-statistics';

/** A length at one place of an end. */
export interface LengthFeature {
  kind: 'length';
  id: string;
  side: Side | null;
  instrument: Instrument;
  /** What is refused as implausible lies outside. */
  minMm: number;
  maxMm: number;
  /** Table of standard sizes that it may be near. */
  standard: { front: StandardFeature; rear: StandardFeature } | null;
}

/** Something that is seen, not measured: one word out of a list. */
export interface WordFeature {
  kind: 'word';
  id: string;
  side: Side | null;
  words: readonly string[];
}

/** Parts as found on one side of the old axle, or as delivered on the motor's, from the hub outwards. */
export interface PartsFeature {
  kind: 'parts';
  id: string;
  side: Side;
}

export type Feature = LengthFeature | WordFeature | PartsFeature;
