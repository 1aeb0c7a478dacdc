import type { Said } from '../said';
import type { End, Side } from '../features';
import type { IrreversibleSpot, JobEventData } from '../job-events';
import type { StatedTorque } from '../stated-torques';
import type { BatteryPlace, School, SecondLooks, SensorKind } from '../job-kinds';

/** Stations of the work at the stand, in the order of the school that fits the wheel first. */
export const stations = [
  'receive',
  'bench',
  'strip',
  'dry-fit',
  'prepare',
  'fit',
  'lock',
  'brakes',
  'gears',
  'bar',
  'sensor',
  'battery',
  'wiring',
  'settings',
  'test',
  'ride',
  'hand-over',
] as const;
export type Station = (typeof stations)[number];

/** One end that gets a motor, as far as the steps depend on it. */
export interface EndJob {
  end: End;
  code: string;
  /** Axle nuts: size of the thread, what they are tightened to, the most they may get, and who says so. */
  threadMm: number;
  nutTorqueNm: number;
  nutMostNm: number;
  nutSource: string | null;
  brake: 'rim' | 'disc' | 'other' | 'none';
  closed: boolean;
  /** Built up by extenders and caps on the bench, in this order. */
  adapterOrder: readonly (Said | string)[];
  /** Hub comes without a rim. */
  laced: boolean;
  fileMm: Record<Side, number>;
  /** Sides with a retaining lip, and those that get a C-washer. */
  lips: readonly Side[];
  cWashers: readonly Side[];
  /** Sides with a tabbed washer inside, with one outside, and with a lock plate in the frame's eye. */
  tabs: readonly Side[];
  tabsOutside: readonly Side[];
  plates: readonly Side[];
  /** Inside washers from the hub outwards; empty until a stack is taken. */
  inside: Record<Side, readonly string[]>;
  /** Parts on the axle outside the dropout besides arm and lip washer: stays, kickstand plate, hitch. */
  extras: readonly Side[];
  /** Sides that get an arm. */
  arms: readonly Side[];
  rotorShimMm: number;
  caliperShimMm: number;
  /** Rotor bolt as planned. */
  rotorBoltMm: number | null;
  caliperBoltMm: number | null;
  sprockets: 'freewheel' | 'cassette' | 'none';
  /** One sprocket, or gears inside the hub: chain tension sets where the axle sits. */
  chainTension: boolean;
  /** The slots lie level: the axle has no end to be pushed to. */
  levelSlots: boolean;
  cassetteSpacer: boolean;
  /** The hub takes no rotor, or the brake went with the old hub: rim brakes are fitted to the bosses. */
  rimInstead: boolean;
  /** The seat is filed to the axle's round. */
  relieveSeat: boolean;
  /** Fewer sprockets than clicks, or an index that is off. */
  gearsOff: boolean;
  dressHanger: boolean;
  cableExit: Side;
  downMark: 'arrow' | 'notch' | 'none';
  /** Plug that must be taken apart to pass washers, stay or nut. */
  repin: boolean;
  regen: boolean;
  suspension: boolean;
  /** Steps that the kit's maker asks for besides. */
  makerSteps: readonly string[];
  packing: readonly { part: string; count: number }[];
  topology: 'separate' | 'in-hub' | 'in-battery' | 'all-in-wheel';
  /** What tyre and rim both allow, and what to start with; null while that is not known. */
  pressure?: { startBar: number; minBar: number | null; maxBar: number } | null;
  /** Once round, as the display is told. */
  circumferenceMm?: number;
}

/** What the whole job is about, as far as the steps depend on it. */
export interface JobFacts {
  /** One or two, front first. */
  ends: readonly EndJob[];
  school: School;
  sensor: SensorKind;
  battery: BatteryPlace;
  throttle: 'none' | 'thumb' | 'twist';
  display: boolean;
  /** A brake lever switch or an in-line one is fitted. */
  cutOff: boolean;
  /** A factory electric bike whose old loom comes out. */
  oldLoom: boolean;
  folds: boolean;
  /** Where the shop asks for a second person. */
  secondPerson: SecondLooks;
  packV: number | null;
  /** Between which voltages the low cut-off of this pack belongs; null while no pack is known. */
  lowCutV?: { min: number; max: number } | null;
  /** The most that may be drawn of this pack: what the controller is made for, and the pack gives; null while not known. */
  batteryA?: number | null;
  /** Where the assisted speed ends: the kit's, or the class of vehicle's where that is lower; null when nothing says it. */
  assistedKmh: number | null;
  /** Tyre, rotor and sprockets before the dry fit, as some shops do. */
  tyreFirst: boolean;
  /** Axle nuts are thread-locked and renewed when they are re-torqued; else they stay dry. */
  lockedNuts: boolean;
  throttleSide: 'left' | 'right';
  charging: 'off-bike' | 'on-bike';
  /** The pedal sensor's own figures; null: the usual ones. */
  sensorRoomMm: number | null;
  sensorGap: { minMm: number; maxMm: number } | null;
  /** A puncture liner goes into the powered wheel's tyre. */
  liner?: boolean;
  /** Torques that the makers of kit and bike state. */
  stated: readonly StatedTorque[];
}

/** What a fastener gets, the most it may get, and whose figure that is; null: the workshop's own. */
export interface TorqueFigure {
  nm: number;
  mostNm: number;
  source: string | null;
}

/** What a step's figures are in. */
export type MeasureUnit = 'mm' | 'V' | 'A' | 'bar' | 'km/h' | 'km' | 'days';

/** A fastener, in the words of the trade, with what it gets. */
export type StepCheck =
  | { kind: 'confirm'; id: string; what: Said }
  | {
      kind: 'measure';
      id: string;
      what: Said;
      unit: MeasureUnit;
      min: number | null;
      max: number | null;
      /** What the plan puts there: taken over with one touch. */
      aim?: number;
      mayLeaveOut?: true;
    }
  | {
      kind: 'torque';
      id: string;
      what: Said;
      nm: number;
      /** The most that this fastener may get: over it it is renewed. */
      mostNm: number;
      /** The maker whose figure it is; null for the workshop's own. */
      source: string | null;
      how: 'trial' | 'final';
      threadLock: boolean;
    }
  | { kind: 'photo'; id: string; what: Said; about: string }
  | { kind: 'count'; id: string; what: Said; count: number }
  /** `atOnce`: before the next step covers it up; else at the latest before power or the ride. */
  | { kind: 'second-person'; id: string; what: Said; atOnce: boolean };

/** What the drawing of a step shows. */
export type StepDrawing = 'axle' | 'bolt-star' | 'rotation' | 'tab' | 'cable' | 'arm' | 'lacing' | 'bike' | 'none';

/** One step of this bike's plan. */
export interface Step {
  /** With the end behind a dot where it belongs to one. */
  id: string;
  station: Station;
  end: End | null;
  title: Said;
  /** Why it is done at all. */
  why: Said;
  /** Why it is in this plan; null when every job has it. */
  because: Said | null;
  /** Ids of steps that come before it. */
  after: readonly string[];
  tools: readonly Said[];
  parts: readonly Said[];
  minutes: { typical: number; slow: number };
  checks: readonly StepCheck[];
  cautions: readonly Said[];
  drawing: StepDrawing;
  /** Waits by itself for so long: thread-lock, glue. */
  waitMinutes: number;
  /** Power is on only within a step that says so. */
  powered: boolean;
  /** Safety hangs on it. */
  safety: boolean;
  /** Nobody does it: the owner signs a reason of substance. */
  signed: boolean;
  /** What it changes for good: recorded when it is done. */
  irreversible: readonly Irreversible[];
  /** Two schools: the one that this plan follows, and the other. */
  school: { chosen: Said; other: Said } | null;
}

/** Something that putting back to stock will not undo. */
export interface Irreversible {
  what: JobEventData<'irreversible'>['what'];
  where: Said;
  spot: IrreversibleSpot;
  amountMm?: number;
  /** The reading that is written down with it. */
  feature?: string;
}

/** Where in the code steps are defined: what they look at, and what they say. */
export interface StepContext {
  job: JobFacts;
  /** The end in hand; the first one for steps of the whole job. */
  end: EndJob;
  torque: TorqueTable;
  gap: GapTable;
}

/** Kinds of fastener that steps tighten, besides the axle nuts. */
export type Fastener =
  | 'rotor'
  | 'caliper'
  | 'arm-bolt'
  | 'band'
  | 'crank'
  | 'pedal'
  | 'lock-ring'
  | 'cup'
  | 'lever'
  | 'shifter'
  | 'throttle'
  | 'stem';

/** What each kind of fastener gets; a maker's figure goes before the workshop's. */
export type TorqueTable = Record<Fastener, TorqueFigure>;

/** Lengths that the workshop asks for at the stand, in mm. */
export interface GapTable {
  /** Beside rotor, bolts and spokes, to anything that stands still. */
  runningMm: number;
  /** Between caliper body and motor cover. */
  coverMm: number;
  /** How far the rim may run off the middle. */
  rimOffMm: number;
}

/** What a workshop's own limits put into the steps. */
export interface StepFigures {
  torque: TorqueTable;
  gap: GapTable;
}
