import type { Said } from '../../said';
import type { ArmFitResult } from '../../arm-fit';
import type { BikeChecksResult } from '../../bike-checks';
import type { BikeFacts } from '../../bike-facts';
import type { EndFacts } from '../../end-facts';
import type { EndFit } from '../../end-fit';
import type { EndAdapterResult } from '../../end-adapter';
import type { Feature } from '../../features';
import type { GearIndexResult } from '../../gear-index';
import type { KitFacts } from '../../kit';
import type { LimitsInput } from '../../limits';
import type { MotorTorqueResult } from '../../motor-torque';
import type { LoosePart, StoreItem, WantedPart, Wheel } from '../../parts';
import type { Override } from '../../overrides';
import type { LoggedMinutes, SecondLooks, TakenStack } from '../../procedure';
import type { RotorFitResult } from '../../rotor-fit';
import type { Approval, TorqueReactionInput, TorqueReactionResult } from '../../torque-reaction';
import type { TyreFitResult } from '../../tyre-fit';
import type { Finding } from '../../verdict';

/** Where in the work a finding belongs. */
export type FitArea =
  | 'end'
  | 'axle'
  | 'arms'
  | 'torque'
  | 'brake'
  | 'gears'
  | 'tyre'
  | 'cable'
  | 'bike'
  | 'law'
  | 'kit'
  | 'cost';

export interface FitFinding extends Finding {
  area: FitArea;
}

export interface FitInput {
  /** What is measured of this end. */
  facts: EndFacts;
  /** The bike as a whole and the rider's wishes. */
  bike: BikeFacts;
  wheel: Wheel;
  stores: readonly StoreItem[];
  /** Washers of the kit as recorded before taking apart; the catalogue's when null. */
  delivered: { left: LoosePart[]; right: LoosePart[] } | null;
  /** The kit as its maker sells it, where another pack feeds it; set by the fit itself. */
  asSold?: KitFacts;
  /** Names of the tools on hand. */
  tools?: readonly string[];
  /** What the axle nuts will be tightened to; by thread and material when left out. */
  nutTorqueNm?: number;
  /** What the maker of this end has allowed; taken from the bike when left out. */
  approval?: Approval;
  /** The shop's own minutes for each step; the table's when left out. */
  logged?: Readonly<Record<string, LoggedMinutes>>;
  /** Where a second person's word is asked for: it takes time; nowhere when left out. */
  secondPerson?: SecondLooks;
  /** The stack as taken, for the hours: what it needs is done at the stand; the best one's when left out. */
  taken?: TakenStack;
  /** What another kit on the same bike adds, and what both draw from one battery. */
  beside?: { massKg: number; sharedBatteryA?: number };
  /** What the owner lets go on against a `stop`. */
  overrides?: readonly Override[];
  limits?: LimitsInput;
}

/** Under what a line is counted. */
export type ShoppingGroup = 'kit' | 'battery' | 'small-parts';

/** Something to get before the work can begin. */
export interface ShoppingLine {
  group: ShoppingGroup;
  part: WantedPart;
  what: Said;
  count: number;
  reason: Said;
  /** In the workshop's currency; 0 where nobody knows it yet, which is then a finding. */
  costEach: number;
  leadDays: number;
}

/** A tool that the work needs. */
export interface ToolNeed {
  /** Under which the workshop keeps it. */
  tool: string;
  reason: Said;
  how: 'have' | 'buy' | 'borrow';
  cost: number;
}

/** A part of kit or bike that is not used. */
export interface LeftOver {
  what: Said;
  count: number;
  because: Said;
}

/** What to measure next, or again. */
export interface NextReading {
  feature: Feature;
  /** `open`: missing; `again`: the reading whose repeat raises the chance of a right first try most. */
  state: 'open' | 'again';
  /** Expected change of the verdict, or gain in first-time-right, per second of measuring. */
  worthPerSecond: number;
  seconds: number;
  because: Said;
}

/** Everything that is known of this kit at this end before anything is ordered. */
export interface FitReport extends EndFit {
  findings: FitFinding[];
  /** The wheel as it goes in: with its end adapters on. */
  wheel: Wheel;
  /** How the hub is built up for a closed end; null where it comes as it is. */
  adapter: EndAdapterResult | null;
  motor: MotorTorqueResult | null;
  torqueInput: TorqueReactionInput | null;
  torque: TorqueReactionResult | null;
  arms: ArmFitResult | null;
  rotor: RotorFitResult | null;
  gears: GearIndexResult | null;
  tyre: TyreFitResult | null;
  checks: BikeChecksResult | null;
  shopping: ShoppingLine[];
  /** Kit, battery, shopping and tools to buy. */
  cost: number;
  /** Days until the last part is there: the earliest start. */
  leadDays: number;
  tools: ToolNeed[];
  leftOver: LeftOver[];
  /** Hands-on time of this end's own plan at the stand, as likely as not. */
  minutes: number;
  /** Nine times out of ten it takes no longer. */
  slowMinutes: number;
  measureNext: NextReading[];
}
