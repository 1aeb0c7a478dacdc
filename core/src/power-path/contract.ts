import { Amount, Flag, Items, Nested, OneOf, OneOfKinds, Optional, shapeOf, Text, Whole, Exactly } from '../input';
import type { Finding, Verdict } from '../verdict';

export const wireMetals = ['copper', 'aluminium'] as const;
export type WireMetal = (typeof wireMetals)[number];
export const insulations = ['pvc70', 'xlpe90', 'silicone'] as const;
export type Insulation = (typeof insulations)[number];
export const chemistries = ['nmc', 'lfp'] as const;

export class PathBattery {
  /** In series. */
  @Whole(1, 60) cells!: number;
  @Amount(0.1, 500, 'Ah') ah!: number;
  @Amount(0.1, 1000, 'A') continuousA!: number;
  @Amount(0.1, 2000, 'A') peakA!: number;
  @Optional() @Amount(0.0001, 10, 'Ohm') packOhm?: number;
  @OneOf(chemistries) chemistry!: (typeof chemistries)[number];
  @Amount(0.5, 4.5, 'V') cutoffVPerCell!: number;
  @OneOf(['cased', 'bare']) pack!: 'cased' | 'bare';
  /** A bare pack: in a box that keeps fingers and water out. */
  @Optional() @Flag() enclosed?: boolean;
  /** A bare pack: held so that nothing chafes. */
  @Optional() @Flag() retained?: boolean;
}

/** A cable with both conductors, from one element to the next. */
export interface Lead {
  kind: 'lead';
  /** Exactly one of both. */
  mm2?: number;
  awg?: number;
  /** One way. */
  lengthM: number;
  /** Left out: nobody has looked; reckoned as aluminium. */
  metal?: WireMetal;
  insulation: Insulation;
  /** With others, or in a bag. */
  bundled: boolean;
  /** 50 when left out. */
  conductorC?: number;
}

export interface Connector {
  kind: 'connector';
  continuousA: number;
  maxV: number;
  /** It goes together one way only. */
  polarised: boolean;
  sparkRated?: boolean;
  /** Open, no live contact can be touched. */
  deadWhenOpen?: boolean;
}

export interface Joint {
  kind: 'joint';
  metals: WireMetal[];
  /** Made for two metals. */
  rated?: boolean;
}

export interface Fuse {
  kind: 'fuse';
  A: number;
  maxV: number;
  /** What it breaks at that voltage. */
  breakA?: number;
}

export interface Switch {
  kind: 'switch';
  A: number;
  maxV: number;
}

/** On the motor's side of the controller. */
export interface Phase {
  kind: 'phase';
  continuousA: number;
}

export type PathElement = Lead | Connector | Joint | Fuse | Switch | Phase;

const amps = () => Amount(0.1, 1000, 'A');
const volts = () => Amount(1, 1000, 'V');

/** Each kind of element on the path. */
export const elementShapes = {
  lead: shapeOf<Lead>({
    kind: [Exactly('lead')],
    mm2: [Optional(), Amount(0.01, 200, 'mm²')],
    awg: [Optional(), Amount(-4, 40, 'AWG')],
    lengthM: [Amount(0, 50, 'm')],
    metal: [Optional(), OneOf(wireMetals)],
    insulation: [OneOf(insulations)],
    bundled: [Flag()],
    conductorC: [Optional(), Amount(-40, 200, '°C')],
  }),
  connector: shapeOf<Connector>({
    kind: [Exactly('connector')],
    continuousA: [amps()],
    maxV: [volts()],
    polarised: [Flag()],
    sparkRated: [Optional(), Flag()],
    deadWhenOpen: [Optional(), Flag()],
  }),
  joint: shapeOf<Joint>({
    kind: [Exactly('joint')],
    metals: [Items(OneOf(wireMetals), 2)],
    rated: [Optional(), Flag()],
  }),
  fuse: shapeOf<Fuse>({
    kind: [Exactly('fuse')],
    A: [amps()],
    maxV: [volts()],
    breakA: [Optional(), Amount(1, 1_000_000, 'A')],
  }),
  switch: shapeOf<Switch>({ kind: [Exactly('switch')], A: [amps()], maxV: [volts()] }),
  phase: shapeOf<Phase>({ kind: [Exactly('phase')], continuousA: [amps()] }),
};

export class PathController {
  @Amount(0.1, 1000, 'A') batteryA!: number;
  @Amount(0.1, 2000, 'A') phaseA!: number;
  @Amount(1, 500, 'V') minV!: number;
  @Amount(1, 500, 'V') maxV!: number;
  @Amount(0, 500, 'V') lowCutV!: number;
}

export class PathCharger {
  @Amount(1, 500, 'V') volts!: number;
  @Amount(0.01, 200, 'A') amps!: number;
}

export class PathAccessory {
  @Text(60) id!: string;
  /** From and to. */
  @Items(Amount(0, 500, 'V'), 2) volts!: number[];
  @Amount(0, 2000, 'W') watts!: number;
  @OneOf(['main', 'controller']) from!: 'main' | 'controller';
}

export class PowerPathInput {
  @Nested(() => PathBattery) battery!: PathBattery;
  /** From the battery on. */
  @Items(OneOfKinds('kind', elementShapes), 60) chain!: PathElement[];
  @Nested(() => PathController) controller!: PathController;
  @Nested(() => PathCharger) charger!: PathCharger;
  @Items(() => PathAccessory, 30) accessories!: PathAccessory[];
}

export interface ElementResult {
  /** From 0, in the order of the chain. */
  index: number;
  kind: PathElement['kind'];
  /** Null for a joint. */
  ratedA: number | null;
  loadA: number;
  marginA: number | null;
  verdict: Verdict;
}

/** What is reckoned along the path at one current. */
export interface SolvedPath {
  fullV: number;
  emptyV: number;
  currentA: number;
  elements: ElementResult[];
  dropV: number;
  /** Of the empty pack's voltage. */
  dropPercent: number;
  fuseWindowA: { min: number; max: number };
  /** Smallest size that fits; null when none does. */
  fuseA: number | null;
}

export interface PowerPathResult extends SolvedPath {
  verdict: Verdict;
  findings: Finding[];
  /** Highest whole battery current at which everything goes; null when none does. */
  limitA: number | null;
}
