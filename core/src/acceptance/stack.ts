import { AxleStackInput } from '../axle-stack';
import {
  Uuid,
  Figure,
  Flag,
  OneOf,
  Maybe,
  Optional,
  Items,
  Named,
  Nested,
  Open,
  type RuleDecorator,
  type Sides,
  shapeOf,
} from '../input';
import { PlainWheel } from '../part-schemas';
import { StatedTorque } from '../stated-torques';
import type { Verdict } from '../verdict';
import { sentence, SignedFinding, verdicts, words, type SignedWords } from './signed';

/**
 * What was signed stands as it was signed: figures are not judged anew, and what a later version added is let through. But
 * everything that a page or a sheet reads must be there and of its kind: a file must not take the shop down.
 */
const sides = ['left', 'right'] as const;
type Side = (typeof sides)[number];

/** Both sides, each held to the same; what a later version added beside them is let through. */
function OpenSides(item: RuleDecorator): RuleDecorator {
  const shape = shapeOf<Sides<unknown>>({ left: [item], right: [item] });
  Open()(shape);
  return Nested(() => shape);
}

@Open()
export class SignedStackSide {
  @Items(words(), 40) inside!: string[];
  @Figure() totalMm!: number;
}

@Open()
export class SignedStack {
  @Figure() cost!: number;
  @Nested(() => SignedStackSide) left!: SignedStackSide;
  @Nested(() => SignedStackSide) right!: SignedStackSide;
  @Figure() rotorShimMm!: number;
  @Figure() caliperShimMm!: number;
  @Items(Figure(), 10) rotorShimsMm!: number[];
  @Items(Figure(), 10) caliperShimsMm!: number[];
  @Figure() spreadMm!: number;
  @Figure() rimOffsetMm!: number;
  @Figure() rotorErrorMm!: number;
  @Optional() @Figure() sprocketGapMm?: number;
  @OpenSides(Figure()) threadLeftMm!: Sides<number>;
  @Figure() washerCount!: number;
  @Figure() firstTimeRight!: number;
  @OneOf(verdicts) verdict!: Verdict;
}

@Open()
export class SignedCWasher {
  @Figure() outerMm!: number;
  @Figure() thicknessMm!: number;
}

@Open()
export class SignedSlot {
  @Maybe() @Nested(() => SignedCWasher) cWasher!: SignedCWasher | null;
  @Items(() => SignedFinding, 60) findings!: SignedFinding[];
}

const outsideKinds = ['c-washer', 'tab', 'plate', 'extra', 'spacer', 'arm'] as const;

@Open()
export class SignedOutsidePart {
  @words() id!: string;
  @OneOf(outsideKinds) kind!: (typeof outsideKinds)[number];
  @Figure() thicknessMm!: number;
}

@Open()
export class SignedPackedPart {
  @words() part!: string;
  @Figure() count!: number;
}

/** What the steps of an end follow from. */
@Open()
export class SignedEnd {
  @OneOf(['front', 'rear']) end!: 'front' | 'rear';
  @words() code!: string;
  @Figure() threadMm!: number;
  @Figure() nutTorqueNm!: number;
  @Figure() nutMostNm!: number;
  @Maybe() @words() nutSource!: string | null;
  @OneOf(['rim', 'disc', 'other', 'none']) brake!: 'rim' | 'disc' | 'other' | 'none';
  @Flag() closed!: boolean;
  @Items(sentence(), 60) adapterOrder!: SignedWords[];
  @Flag() laced!: boolean;
  @OpenSides(Figure()) fileMm!: Sides<number>;
  @OpenSides(Items(words(), 40)) inside!: Sides<string[]>;
  @Items(OneOf(sides), 2) lips!: Side[];
  @Items(OneOf(sides), 2) cWashers!: Side[];
  @Items(OneOf(sides), 2) tabs!: Side[];
  @Items(OneOf(sides), 2) tabsOutside!: Side[];
  @Items(OneOf(sides), 2) plates!: Side[];
  @Items(OneOf(sides), 2) extras!: Side[];
  @Items(OneOf(sides), 2) arms!: Side[];
  @Figure() rotorShimMm!: number;
  @Figure() caliperShimMm!: number;
  @Maybe() @Figure() rotorBoltMm!: number | null;
  @Maybe() @Figure() caliperBoltMm!: number | null;
  @OneOf(['freewheel', 'cassette', 'none']) sprockets!: 'freewheel' | 'cassette' | 'none';
  @OneOf(sides) cableExit!: Side;
  @OneOf(['arrow', 'notch', 'none']) downMark!: 'arrow' | 'notch' | 'none';
  @Items(words(), 60) makerSteps!: string[];
  @Items(() => SignedPackedPart, 100) packing!: SignedPackedPart[];
  @words() topology!: string;
}

@Open()
export class SignedTorque {
  @Figure() nm!: number;
  @Figure() mostNm!: number;
  @Maybe() @words() source!: string | null;
}

@Open()
export class SignedFigures {
  @Named(() => SignedTorque) torque!: Record<string, SignedTorque>;
  @Named(Figure()) gap!: Record<string, number>;
}

/** Steps and torques of the end as they were planned. */
@Open()
export class SignedPlan {
  @Nested(() => SignedEnd) end!: SignedEnd;
  @Nested(() => SignedFigures) figures!: SignedFigures;
  @Items(() => StatedTorque, 120) stated!: StatedTorque[];
  @Maybe() @Figure() torqueSafety!: number | null;
}

@Open()
export class SignedWheel extends PlainWheel {}

/** What was taken: the wheel as it was in the catalogue, and what the stack was worked out from. */
@Open()
export class AcceptedStackInput {
  @Uuid() wheelId!: string;
  /** The installer changed the washers by hand. */
  @Flag() byHand!: boolean;
  @Nested(() => SignedWheel) wheel!: SignedWheel;
  @Nested(() => AxleStackInput) axle!: AxleStackInput;
}

/** How it was judged. */
@Open()
export class AcceptedStackResult {
  @Nested(() => SignedStack) stack!: SignedStack;
  @OpenSides(Items(() => SignedOutsidePart, 20)) outside!: Sides<SignedOutsidePart[]>;
  @OpenSides(Nested(() => SignedSlot)) slots!: Sides<SignedSlot>;
  @Items(() => SignedFinding, 400) findings!: SignedFinding[];
  @OneOf(verdicts) verdict!: Verdict;
  @Optional() @Nested(() => SignedPlan) planned?: SignedPlan;
}
