import type { AxleStackInput, AxleStackResult } from '../axle-stack';
import type { EndFacts } from '../end-facts';
import type { Feature, Side } from '../features';
import type { LimitsInput } from '../limits';
import type { LoosePart, StoreItem, Wheel } from '../parts';
import type { SlotFitResult } from '../slot-fit';
import type { Approval } from '../torque-reaction';
import type { Finding, Verdict } from '../verdict';

/** Where the part that keeps the nut from turning sits on one side. */
export type TabPlace = 'inside' | 'outside' | 'plate' | 'none';

/** A part on the axle outside the dropout, under the nut. */
export interface OutsidePart {
  id: string;
  kind: 'c-washer' | 'tab' | 'plate' | 'extra' | 'spacer' | 'arm';
  thicknessMm: number;
}

export interface EndFitInput {
  facts: EndFacts;
  wheel: Wheel;
  stores: readonly StoreItem[];
  /** Washers of the kit as recorded before taking apart; the catalogue's when null. */
  delivered: { left: LoosePart[]; right: LoosePart[] } | null;
  /** What the maker of this end has allowed; nothing written down when left out. */
  approval?: Approval;
  limits?: LimitsInput;
}

/** One solved way to build the axle up. */
export interface SolvedStack {
  stack: AxleStackResult;
  input: AxleStackInput;
  outside: Record<Side, OutsidePart[]>;
  tabs: Record<Side, TabPlace>;
}

/** Everything that decides whether this wheel's axle goes into this end, and with which washers. */
export interface EndFit {
  verdict: Verdict;
  /** Worst first, over slots, end and stack. */
  findings: Finding[];
  slots: Record<Side, SlotFitResult>;
  /** What goes outside the dropouts, from the dropout outwards. */
  outside: Record<Side, OutsidePart[]>;
  /** What keeps the axle and its nut from turning on each side: a tab inside or outside, a plate in an eye, or nothing. */
  tabs: Record<Side, TabPlace>;
  /** Null until everything that the stack needs is measured. */
  stack: AxleStackResult | null;
  stackInput: AxleStackInput | null;
  /** What must still be read for a verdict. */
  open: Feature[];
  /** Whether two arms are needed. */
  twoArms: boolean;
}
