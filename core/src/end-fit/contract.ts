import type { AxleStackInput, AxleStackResult } from '../axle-stack';
import type { EndFacts } from '../end-facts';
import type { Feature, Side } from '../features';
import type { LimitsInput } from '../limits';
import type { LoosePart, StoreItem, Wheel } from '../parts';
import type { SlotFitResult } from '../slot-fit';
import type { Finding, Verdict } from '../verdict';

/** A part on the axle outside the dropout, under the nut. */
export interface OutsidePart {
  id: string;
  kind: 'c-washer' | 'extra' | 'spacer' | 'arm';
  thicknessMm: number;
}

export interface EndFitInput {
  facts: EndFacts;
  wheel: Wheel;
  stores: readonly StoreItem[];
  /** Washers of the kit as recorded before taking apart; the catalogue's when null. */
  delivered: { left: LoosePart[]; right: LoosePart[] } | null;
  limits?: LimitsInput;
}

/** One solved way to build the axle up. */
export interface SolvedStack {
  stack: AxleStackResult;
  input: AxleStackInput;
  outside: Record<Side, OutsidePart[]>;
}

/** Everything that decides whether this wheel's axle goes into this end, and with which washers. */
export interface EndFit {
  verdict: Verdict;
  /** Worst first, over slots, end and stack. */
  findings: Finding[];
  slots: Record<Side, SlotFitResult>;
  /** What goes outside the dropouts, from the dropout outwards. */
  outside: Record<Side, OutsidePart[]>;
  /** Null until everything that the stack needs is measured. */
  stack: AxleStackResult | null;
  stackInput: AxleStackInput | null;
  /** What must still be read for a verdict. */
  open: Feature[];
  /** Whether two arms are needed. */
  twoArms: boolean;
}
