import type { Choice as CoreChoice } from '@cricket/core/choices';
import type { NextAction } from '@cricket/core/next-action';
import type { Reading as CoreReading } from '@cricket/core/end-facts';
import type { Acceptance as CoreAcceptance, ArrangementResult } from '@cricket/core/acceptance';
import type { Arrangement } from '@cricket/core/arrangement';
import type { Language, Said } from '@cricket/core/said';
import type { AxleStackInput, Stack } from '@cricket/core/axle-stack';
import type { BikeFacts } from '@cricket/core/bike-facts';
import type { EndFit, OutsidePart } from '@cricket/core/end-fit';
import type { LawClass } from '@cricket/core/law';
import type { LimitsInput } from '@cricket/core/limits';
import type { EndJob, JobFacts, SecondLooks, StepFigures } from '@cricket/core/procedure';
import type { Place } from '@cricket/core/model';
import type { End } from '@cricket/core/features';
import type { JobEvent as CoreJobEvent } from '@cricket/core/job-events';
import type { Drawer, WantedPart, Wheel as CoreWheel } from '@cricket/core/parts';
import type { TakenParts } from '@cricket/core/stock';
import type { Units } from '@cricket/core/units';
import type { Finding, Verdict } from '@cricket/core/verdict';
import type { RoomStation } from '@cricket/core/whole-bike';

/** Kinds of bike, for the drawing. */
export const bikeKinds = ['upright', 'step-through', 'box-bike', 'longtail', 'drop-bar', 'trike', 'tandem'] as const;
export type BikeKind = (typeof bikeKinds)[number];

/** What a person may do: the owner everything, an installer the work, a learner what teaches and harms nothing. */
export const roles = ['owner', 'installer', 'learner'] as const;
export type Role = (typeof roles)[number];

/** A person of the shop, without secrets. */
export interface Person {
  id: string;
  name: string;
  role: Role;
  active: boolean;
  /** Whether a short PIN is set: only then can the person take over a phone by it. */
  hasPin: boolean;
  version: number;
}

/** Who is at this phone. */
export interface SessionInfo {
  /** Null: nobody has signed in. */
  person: Pick<Person, 'id' | 'name' | 'role'> | null;
  /** In which the person is spoken to; left out of nobody, and of whom only the phone knows. */
  language?: Language;
  /** True while the shop has nobody yet: the first to come becomes its owner. */
  empty: boolean;
  demo: boolean;
}

/** A bike in the shop. */
export interface Bike {
  id: string;
  /** What hangs on the bike: short and unique by habit, not by force. */
  tag: string;
  name: string;
  kind: BikeKind;
  riderInitials: string | null;
  /** For the drawing: bead seat of the wheels, wheelbase, chain stay, in mm. */
  beadSeatMm: number | null;
  wheelbaseMm: number | null;
  chainStayMm: number | null;
  /** Weights, wishes and what the walk round found, as the readings at the whole bike have it. */
  facts: BikeFacts;
  createdAt: string;
  withdrawnAt: string | null;
  version: number;
}

/** A reading as stored: with what was typed, and who took it. */
export interface Reading extends CoreReading {
  bikeId: string;
  /** What was typed, before units were turned into mm. */
  typed: string | null;
  unit: 'mm' | 'inch' | null;
  person: string;
  personId: string | null;
  withdrawnBecause: string | null;
}

export interface Choice extends CoreChoice {
  id: string;
  bikeId: string;
  person: string;
  personId: string | null;
}

/** A stack as accepted, with everything it was judged by. */
export type StackAcceptance = CoreAcceptance<'stack', StackInput, StackResult>;

/** How something besides an axle is to be built, as it was taken. */
export type ArrangementAcceptance = {
  [Station in RoomStation]: CoreAcceptance<Station, Arrangement['input'], ArrangementResult<Station>>;
}[RoomStation];

/** Whatever was accepted of a bike, by kind. */
export type Acceptance = StackAcceptance | ArrangementAcceptance;

export interface StackInput {
  wheelId: string;
  /** Whether the installer changed the washers by hand. */
  byHand: boolean;
  wheel: CoreWheel;
  axle: AxleStackInput;
}

export interface StackResult {
  stack: Stack;
  outside: { left: OutsidePart[]; right: OutsidePart[] };
  slots: EndFit['slots'];
  findings: Finding[];
  verdict: Verdict;
  /** What steps and torques of this end follow from, as it stood then; left out in stacks taken before it was kept. */
  planned?: {
    end: EndJob;
    figures: StepFigures;
    stated: JobFacts['stated'];
    /** How far the axle is held against turning, with tight nuts. */
    torqueSafety: number | null;
  };
}

/** Everything known of one bike. */
export interface BikeRecord {
  bike: Bike;
  readings: Reading[];
  choices: Choice[];
  acceptances: Acceptance[];
  /** What lies with this bike and came out of the stores. */
  taken: TakenParts[];
  orders: OrderLine[];
  events: JobEvent[];
  photos: Photo[];
}

/** Something that happened to a job, as stored. */
export type JobEvent = CoreJobEvent & { bikeId: string; personId: string | null; schemaVersion: number };

/** Largest picture that is taken, in characters of base64: about three megabytes. */
export const largestPhoto = 4_200_000;

/** A photo of a job; the picture itself is fetched by its address. */
export interface Photo {
  id: string;
  bikeId: string;
  /** What it shows: a place in the work, such as `condition` or `witness.front.left`. */
  place: Place;
  about: string;
  note: string | null;
  takenAt: string;
  person: string;
  personId: string | null;
  widthPx: number;
  heightPx: number;
  withdrawnAt: string | null;
}

export const orderStates = ['wanted', 'ordered', 'received'] as const;
export type OrderState = (typeof orderStates)[number];

/** Something on a bike's shopping list that somebody has touched: ordered, or there. */
export interface OrderLine {
  id: string;
  bikeId: string;
  place: Place;
  /** What is to be got; null on lines of an earlier version, which are known by what they were called. */
  part: WantedPart | null;
  what: string;
  count: number;
  reason: string;
  /** The same as what is to be said; null on lines of an earlier version. */
  because: Said | null;
  costEach: number;
  leadDays: number;
  state: OrderState;
  changedAt: string;
  person: string;
  personId: string | null;
  version: number;
}

/** A bike in the list, with what to do next. */
export interface BikeSummary {
  bike: Bike;
  end: End;
  wheelCode: string | null;
  /** How that end stands. */
  verdict: Verdict;
  next: NextAction;
}

export interface Wheel extends CoreWheel {
  /** What a person should know of it. */
  note: string;
  version: number;
}

/** A part of the shop's catalogue, with what is on hand of it. */
export interface StorePart extends Drawer {
  /** Pieces that were taken from it for bikes. */
  withBikes: number;
  /** Pieces that were ordered and have not come. */
  onOrder: number;
  version: number;
  withdrawnAt: string | null;
}

/** One row of the journal. */
export interface JournalRow {
  id: string;
  at: string;
  person: string;
  personId: string | null;
  bikeId: string | null;
  action: string;
  subject: string;
  subjectId: string;
  before: unknown;
  after: unknown;
}

export interface Shop {
  name: string;
  /** True in the demo: its data can be renewed at any time. */
  demo: boolean;
  coreVersion: string;
}

/** What the workshop has set for itself. */
export interface ShopSettings {
  /** Its own limits; what is left out is the default. */
  limits: LimitsInput;
  /** Tools on hand. */
  tools: string[];
  hourlyRate: number;
  /** Classes of vehicle as the workshop has looked them up. */
  laws: LawClass[];
  /** Where a second person's word is asked for; nowhere when left out. */
  secondPerson?: SecondLooks | undefined;
  /** In what is read and typed; metric when left out. Everything is stored and judged in metric units. */
  units?: Units | undefined;
  /** Three letters of a currency; figures without a name when left out. */
  currency?: string | undefined;
  /** By its IANA name, such as Etc/UTC; that of the server's machine when left out. */
  timeZone?: string | undefined;
  /** 0 Sunday, 1 Monday, 6 Saturday; Monday when left out. */
  weekStartsOn?: 0 | 1 | 6 | undefined;
  version: number;
}
