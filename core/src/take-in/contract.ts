import type * as v from 'valibot';

import { surfaces } from '../bike-checks';
import { amount, flag, oneOf, optional, record } from '../input';
import { limitsSchema } from '../limits';
import { materials } from '../materials';
import type { Verdict } from '../verdict';

const conditions = ['sound', 'surface-rust', 'bent', 'cracked', 'play', 'unsure'] as const;
const brakes = ['rotor', 'rim', 'drum', 'coaster', 'none'] as const;

const endSchema = record({
  material: optional(oneOf(materials)),
  bladeMaterial: optional(oneOf(materials)),
  suspension: optional(flag()),
  /** The maker's word that a motor may go in. */
  approval: optional(flag()),
  condition: optional(oneOf(conditions)),
  /** An open slot, or a through-axle hole. */
  kind: optional(oneOf(['open', 'closed'])),
  brake: optional(oneOf(brakes)),
});

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

export const takeInSchema = record({
  front: endSchema,
  rear: endSchema,
  /** What the rear hub does besides turning. */
  rearHub: optional(oneOf(['derailleur', 'single', 'gear-hub', 'coaster', 'drum'])),
  /** Torque that the rider's wishes ask for. */
  peakTorqueNm: optional(amount(1, 300, 'N·m')),
  wheelRadiusM: optional(amount(0.1, 0.5, 'm')),
  massKg: record({ bike: amount(5, 120, 'kg'), rider: amount(20, 250, 'kg'), load: amount(0, 300, 'kg') }),
  /** Of the load: where it sits. */
  loadAt: optional(oneOf(['front', 'rear', 'trailer'])),
  climbPercent: optional(amount(0, 40, '%')),
  surface: optional(oneOf(surfaces)),
  /** The motor may not exceed this; the kit's rating comes later. */
  lawRatedW: optional(amount(50, 20_000, 'W')),
  wishedW: optional(amount(50, 20_000, 'W')),
  /** What each way costs, in the workshop's currency. */
  costs: optional(record({ front: amount(0, 100_000, ''), rear: amount(0, 100_000, ''), mid: amount(0, 100_000, '') })),
  budget: optional(amount(0, 100_000, '')),
  /** The workshop's own weights, 0 to 10. */
  weights: optional(
    record(
      Object.fromEntries(scoreFactors.map((id) => [id, optional(amount(0, 10, ''))])) as Record<
        ScoreFactorId,
        v.OptionalSchema<ReturnType<typeof amount>, undefined>
      >,
    ),
  ),
  limits: optional(limitsSchema),
});

export type TakeInInput = v.InferOutput<typeof takeInSchema>;
export type TakeInEnd = TakeInInput['front'];
export type Place = 'front' | 'rear' | 'mid';

/** One reason for or against a place. */
export interface ScoreFactor {
  id: ScoreFactorId;
  weight: number;
  /** 0 speaks against, 1 for; null: not known, and not counted. */
  value: number | null;
  because: string;
}

export interface PlaceScore {
  place: Place;
  /** `stop`: must not be fitted here; `unknown`: something that could forbid it is not looked at. */
  verdict: Verdict;
  /** 0 to 100: the weighted mean of what is known; 0 when it must not be. */
  score: number;
  factors: ScoreFactor[];
}

export interface TakeInResult {
  scores: { front: PlaceScore; rear: PlaceScore; mid: PlaceScore };
  /** Best first; places that stop are left out. */
  ranking: Place[];
  because: string;
}
