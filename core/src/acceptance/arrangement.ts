import { said } from '../said';
import { Anything, Figure, Flag, Items, Maybe, Named, Nested, OneOf, Open, Optional, Row, type Shape } from '../input';
import type { Verdict } from '../verdict';
import { roomStations, type RoomStation } from '../whole-bike/contract';
import { sentence, SignedFinding, verdicts, words, type SignedWords } from './signed';

@Open()
export class PartOnBar {
  @words() id!: string;
  @Figure() fromMm!: number;
  @Figure() toMm!: number;
}

@Open()
export class CutGrip {
  @words() id!: string;
  @Figure() mm!: number;
}

/** Parts from each end inwards, what is in the middle, what is cut off grips. */
@Open()
export class ChosenBar {
  @Items(() => PartOnBar, 40) left!: PartOnBar[];
  @Items(() => PartOnBar, 40) right!: PartOnBar[];
  @Items(words(), 40) centre!: string[];
  @Items(() => CutGrip, 10) cuts!: CutGrip[];
}

@Open()
export class ChosenLever {
  @OneOf(['front', 'rear']) end!: 'front' | 'rear';
  @OneOf(['keep', 'switch', 'replace']) do!: 'keep' | 'switch' | 'replace';
  /** The lever or the switch that comes on. */
  @Maybe() @words() what!: string | null;
}

@Open()
export class ChosenLevers {
  @Items(() => ChosenLever, 2) ends!: ChosenLever[];
}

@Open()
export class ChosenCranks {
  @OneOf(['drive', 'nonDrive']) side!: 'drive' | 'nonDrive';
  @OneOf(['shell-ring', 'tie', 'bracket']) mount!: 'shell-ring' | 'tie' | 'bracket';
  @OneOf(['on', 'off']) crank!: 'on' | 'off';
  @Figure() gapMm!: number;
  @Flag() turnOver!: boolean;
}

@Open()
export class ChosenBay {
  @OneOf(['down', 'seat']) tube!: 'down' | 'seat';
  /** Lower end, along the tube from the bottom bracket centre. */
  @Figure() fromMm!: number;
  @Figure() lengthMm!: number;
  @Maybe() @OneOf(['bolted', 'boss-band', 'bands']) fixing!: 'bolted' | 'boss-band' | 'bands' | null;
  @Items(Figure(), 60) bossesMm!: number[];
  @Maybe() @Figure() clearanceMm!: number | null;
}

@Open()
export class ChosenRack {
  @Figure() loadKg!: number;
  @Figure() neededN!: number;
  @Figure() heldN!: number;
}

@Open()
export class ChosenPlace {
  /** Forward and up from the bottom bracket centre. */
  @Row(Figure(), 2, said('acceptance.two-figures')) at!: [number, number];
  @Figure() turnDeg!: number;
}

@Open()
export class ChosenController {
  @Figure() boxC!: number;
  @Optional() @Nested(() => ChosenPlace) place?: ChosenPlace;
}

@Open()
export class PathPart {
  @words() kind!: string;
  @Figure() loadA!: number;
  @Maybe() @Figure() ratedA!: number | null;
}

@Open()
export class ChosenPower {
  @Figure() currentA!: number;
  @Figure() dropPercent!: number;
  @Maybe() @Figure() fuseA!: number | null;
  @Items(() => PathPart, 60) elements!: PathPart[];
}

@Open()
export class ChosenCable {
  @words() id!: string;
  @Figure() neededMm!: number;
  @Figure() suppliedMm!: number;
  @Items(words(), 20) extensions!: string[];
  @Items(Figure(), 200) tiesMm!: number[];
  @Maybe() @words() coilAt!: string | null;
}

@Open()
export class ChosenCables {
  @Items(() => ChosenCable, 60) cables!: ChosenCable[];
}

@Open()
export class PlugPair {
  @words() a!: string;
  @words() b!: string;
}

@Open()
export class ChosenWiring {
  @Items(() => PlugPair, 60) joins!: PlugPair[];
  /** Capped. */
  @Items(words(), 60) unused!: string[];
}

/** What is chosen at each station, by what is printed of it. */
export const chosenShapes = {
  bar: ChosenBar,
  levers: ChosenLevers,
  cranks: ChosenCranks,
  bay: ChosenBay,
  rack: ChosenRack,
  controller: ChosenController,
  power: ChosenPower,
  cables: ChosenCables,
  wiring: ChosenWiring,
} as const satisfies Record<RoomStation, Shape>;

export type Chosen<Station extends RoomStation> = InstanceType<(typeof chosenShapes)[Station]>;

/** What it was worked out from: the bike's facts that it hangs on, and what of its kits does. */
@Open()
export class ArrangementInput {
  @Named(Anything()) facts!: Record<string, unknown>;
  @Items(Named(Anything()), 2) kits!: Record<string, unknown>[];
}

@Open()
export class SignedToGet {
  @OneOf(roomStations) station!: RoomStation;
  @words() part!: string;
  @sentence() what!: SignedWords;
  @sentence() because!: SignedWords;
}

/** How an arrangement of one station was judged. */
export interface ArrangementResult<Station extends RoomStation = RoomStation> {
  verdict: Verdict;
  findings: SignedFinding[];
  chosen: Chosen<Station>;
  /** What has to be got for it. */
  toGet: SignedToGet[];
}

/** The contract of a result, by its station. */
export function resultShape<Station extends RoomStation>(station: Station): Shape<ArrangementResult<Station>> {
  @Open()
  class Result {
    @OneOf(verdicts) verdict!: Verdict;
    @Items(() => SignedFinding, 400) findings!: SignedFinding[];
    @Nested(() => chosenShapes[station] as Shape) chosen!: Chosen<Station>;
    @Items(() => SignedToGet, 100) toGet!: SignedToGet[];
  }
  return Result;
}
