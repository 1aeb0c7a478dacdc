import type { Said } from '../said';
import { surfaces } from '../bike-checks';
import { Amount, Flag, OneOf, Optional, Nested, shapeOf } from '../input';
import { OwnLimits } from '../limits';
import { materials } from '../materials';
import type { Verdict } from '../verdict';

const conditions = ['sound', 'surface-rust', 'bent', 'cracked', 'play', 'unsure'] as const;
const brakes = ['rotor', 'rim', 'drum', 'coaster', 'none'] as const;

export class TakeInEnd {
  @Optional() @OneOf(materials) material?: (typeof materials)[number];
  @Optional() @OneOf(materials) bladeMaterial?: (typeof materials)[number];
  @Optional() @Flag() suspension?: boolean;
  /** The maker's word that a motor may go in. */
  @Optional() @Flag() approval?: boolean;
  @Optional() @OneOf(conditions) condition?: (typeof conditions)[number];
  /** An open slot, or a through-axle hole. */
  @Optional() @OneOf(['open', 'closed']) kind?: 'open' | 'closed';
  @Optional() @OneOf(brakes) brake?: (typeof brakes)[number];
}

export const scoreFactors = [
  'material',
  'condition',
  'torque',
  'traction',
  'brakes',
  'gears',
  'puncture',
  'load',
  'law',
  'cost',
] as const;
export type ScoreFactorId = (typeof scoreFactors)[number];

export class TakeInMassKg {
  @Amount(5, 120, 'kg') bike!: number;
  @Amount(20, 250, 'kg') rider!: number;
  @Amount(0, 300, 'kg') load!: number;
}

export class TakeInCosts {
  @Amount(0, 100_000, '') front!: number;
  @Amount(0, 100_000, '') rear!: number;
  @Amount(0, 100_000, '') mid!: number;
}

/** The workshop's own weights, 0 to 10. */
export const ScoreWeights = shapeOf<Partial<Record<ScoreFactorId, number>>>(
  Object.fromEntries(scoreFactors.map((id) => [id, [Optional(), Amount(0, 10, '')]])),
);

export class TakeInInput {
  @Nested(() => TakeInEnd) front!: TakeInEnd;
  @Nested(() => TakeInEnd) rear!: TakeInEnd;
  /** What the rear hub does besides turning. */
  @Optional() @OneOf(['derailleur', 'single', 'gear-hub', 'coaster', 'drum']) rearHub?:
    | 'derailleur'
    | 'single'
    | 'gear-hub'
    | 'coaster'
    | 'drum';
  /** Torque that the rider's wishes ask for. */
  @Optional() @Amount(1, 300, 'N·m') peakTorqueNm?: number;
  @Optional() @Amount(0.1, 0.5, 'm') wheelRadiusM?: number;
  @Nested(() => TakeInMassKg) massKg!: TakeInMassKg;
  /** Of the load: where it sits. */
  @Optional() @OneOf(['front', 'rear', 'trailer']) loadAt?: 'front' | 'rear' | 'trailer';
  @Optional() @Amount(0, 40, '%') climbPercent?: number;
  @Optional() @OneOf(surfaces) surface?: (typeof surfaces)[number];
  /** The motor may not exceed this; the kit's rating comes later. */
  @Optional() @Amount(50, 20_000, 'W') lawRatedW?: number;
  @Optional() @Amount(50, 20_000, 'W') wishedW?: number;
  /** What each way costs, in the workshop's currency. */
  @Optional() @Nested(() => TakeInCosts) costs?: TakeInCosts;
  @Optional() @Amount(0, 100_000, '') budget?: number;
  /** The workshop's own weights, 0 to 10. */
  @Optional() @Nested(() => ScoreWeights) weights?: Partial<Record<ScoreFactorId, number>>;
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}
export type MotorPlace = 'front' | 'rear' | 'mid';

/** One reason for or against a place. */
export interface ScoreFactor {
  id: ScoreFactorId;
  weight: number;
  /** 0 speaks against, 1 for; null: not known, and not counted. */
  value: number | null;
  because: Said;
}

export interface PlaceScore {
  place: MotorPlace;
  /** `stop`: must not be fitted here; `unknown`: something that could forbid it is not looked at. */
  verdict: Verdict;
  /** 0 to 100: the weighted mean of what is known; 0 when it must not be. */
  score: number;
  factors: ScoreFactor[];
}

export interface TakeInResult {
  scores: { front: PlaceScore; rear: PlaceScore; mid: PlaceScore };
  /** Best first; places that stop are left out. */
  ranking: MotorPlace[];
  because: Said;
}
