import type { Said } from '../said';
import type { Limits } from '../limits';
import { materialWords, type Material } from '../materials';
import type { Axle, SlotFitInput, SlotSide } from './contract';

/** What every rule of an open slot may look at. */
export interface SlotFacts {
  axle: Axle;
  side: SlotSide;
  limits: Limits;
  regen: boolean;
  cWashers: NonNullable<SlotFitInput['cWashers']>;
  uncertaintyMm: number;
  chordMm: number;
  /** Metal to file; null until slot width is measured. */
  fileMm: number | null;
  /** Metal that is gone already. */
  filedMm: number;
  /** Narrowest and widest place once filed. */
  filedMinMm: number | null;
  filedMaxMm: number | null;
}

/** A material in a sentence. */
export function inWords(material: Material): Said {
  return materialWords[material];
}
