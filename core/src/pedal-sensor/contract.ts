import { Amount, Flag, Items, Nested, OneOf, Optional, Whole } from '../input';
import type { Finding, Verdict } from '../verdict';

export const crankFixings = ['square', 'splined', 'hollow', 'one-piece'] as const;
export const shellKinds = ['threaded', 'external', 'pressed'] as const;
export const ringKinds = ['split', 'whole', 'sealed'] as const;
export const ringSides = ['drive', 'nonDrive'] as const;
export const sensorMounts = ['shell-ring', 'tie', 'bracket'] as const;
export type RingSide = (typeof ringSides)[number];
export type SensorMount = (typeof sensorMounts)[number];

class Crank {
  @OneOf(crankFixings) fixing!: (typeof crankFixings)[number];
}

class Shell {
  @OneOf(shellKinds) kind!: (typeof shellKinds)[number];
  /** A lock ring on the non-drive side, under which a sensor can be held. */
  @Flag() lockRing!: boolean;
}

/** From the frame's face to chainring or crank. */
class Room {
  @Amount(0, 150, 'mm') drive!: number;
  @Amount(0, 150, 'mm') nonDrive!: number;
}

/** Clear depth behind the mounted crank, where the halves of a ring go in. */
class Pass {
  @Optional() @Amount(0, 150, 'mm') drive?: number;
  @Optional() @Amount(0, 150, 'mm') nonDrive?: number;
}

export class SensorRing {
  @OneOf(ringKinds) kind!: (typeof ringKinds)[number];
  @Amount(0.5, 60, 'mm') thicknessMm!: number;
  @Amount(5, 100, 'mm') boreMm!: number;
  @Whole(1, 100) magnets!: number;
  @Optional() @Amount(1, 100, 'mm') magnetRadiusMm?: number;
  /** Side on which, marked face to the sensor, forward pedalling gives the forward order. */
  @Optional() @OneOf(['drive', 'nonDrive', 'both']) madeFor?: RingSide | 'both';
  /** The sensor reads it through either face. */
  @Optional() @Flag() bothFaces?: boolean;
}

export class SensorHead {
  /** The window that the kit's maker gives; 1 to 3 mm when the maker is silent. */
  @Optional() @Amount(0, 30, 'mm') gapMinMm?: number;
  @Optional() @Amount(0, 30, 'mm') gapMaxMm?: number;
  /** How far its face stands out of the frame's face that the room is measured from. */
  @Optional() @Amount(-20, 60, 'mm') proudMm?: number;
  /** Radius at which its mark stands. */
  @Optional() @Amount(1, 100, 'mm') markRadiusMm?: number;
  @Items(OneOf(sensorMounts), 6) mounts!: SensorMount[];
}

export class PedalSensorInput {
  @Nested(() => Crank) crank!: Crank;
  @Nested(() => Shell) shell!: Shell;
  @Nested(() => Room) roomMm!: Room;
  @Optional() @Nested(() => Pass) passMm?: Pass;
  /** Diameter of the axle where the ring sits. */
  @Amount(5, 100, 'mm') axleMm!: number;
  @Nested(() => SensorRing) ring!: SensorRing;
  @Nested(() => SensorHead) sensor!: SensorHead;
  /** Put under a bottom-bracket cup to hold the sensor. */
  @Optional() @Amount(0, 20, 'mm') plateMm?: number;
  @Whole(1, 1000) startPulses!: number;
  @Amount(0, 20_000, 'ms') stopMs!: number;
  /** 60 when left out. */
  @Optional() @Amount(1, 250, 'rpm') cadenceRpm?: number;
}

export type CrankTool = 'puller-square' | 'puller-splined' | 'cap-key' | 'one-piece-spanner';

/** One way to put ring and sensor on. */
export interface SensorWay {
  side: RingSide;
  mount: SensorMount;
  /** Whether the crank stays on while the ring goes in. */
  crank: 'on' | 'off';
  verdict: Verdict;
  needMm: number;
  /** Negative: so much is missing. */
  spareMm: number;
  gapMm: number;
  /** So much comes off the ring's claws all round. */
  trimMm: number;
  /** So much is packed under the ring all round. */
  packMm: number;
  /** How far a plate under the cup moves the chainring out. */
  chainLineMm: number;
  /** The ring goes on with its other face to the sensor. */
  turnOver: boolean;
  /** The sensor or ring must be ordered for this side. */
  orderHand?: RingSide;
  /** What takes the crank off. */
  tool?: CrankTool;
}

export type SensorInstead = 'throttle-only' | 'sealed-unit' | 'torque-bracket';

export interface PedalSensorResult {
  /** Of the best way. */
  verdict: Verdict;
  findings: Finding[];
  /** Every side and mount, best first. */
  ways: SensorWay[];
  startDelayS: number;
  stopS: number;
  /** Figures that the kit's maker does not give, and that the usual ones stand in for. */
  defaulted: string[];
  /** What is left where no way goes. */
  instead?: SensorInstead[];
}
