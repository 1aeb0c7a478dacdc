import { said, type Said } from '../said';
import { readInput } from '../input';
import { withLimits, type Limits } from '../limits';
import {
  scoreFactors,
  type MotorPlace,
  type PlaceScore,
  type ScoreFactor,
  type ScoreFactorId,
  TakeInInput,
  type TakeInResult,
} from './contract';
import { factorsFor } from './factors';

/** How much each reason weighs in this workshop. */
export function weightsOf(limits: Limits): Record<ScoreFactorId, number> {
  return {
    material: limits.weightMaterial,
    condition: limits.weightCondition,
    torque: limits.weightTorque,
    traction: limits.weightTraction,
    brakes: limits.weightBrakes,
    gears: limits.weightGears,
    puncture: limits.weightPuncture,
    load: limits.weightLoad,
    law: limits.weightLaw,
    cost: limits.weightCost,
  };
}

/** Up to here two places are as good. */
const evenPoints = 3;

/**
 * Front, rear or mid: where does the motor go on this bike, for this rider?
 *
 * Each place is scored on material, condition, torque margin, traction on the rider's climb, brakes, gears lost, ease of a
 * puncture, load, law and cost, each from 0 to 1 with its reason; the score is the weighted mean of what is known, times
 * 100. Carbon, cracks, a missing brake or the maker's missing word stop a place whatever its score.
 *
 * @param input - both ends as looked over, masses, wishes
 * @returns a score with reasons for each place, and their order; the installer chooses
 * @throws InputError for values out of range
 */
export function takeIn(input: TakeInInput): TakeInResult {
  const read = readInput(TakeInInput, input);
  const limits = withLimits(read.limits);
  const weights = { ...weightsOf(limits), ...given(read.weights) };
  const scores = {
    front: scoreOf('front', read, limits, weights),
    rear: scoreOf('rear', read, limits, weights),
    mid: scoreOf('mid', read, limits, weights),
  };
  const ranking = (['front', 'rear', 'mid'] as const)
    .filter((place) => scores[place].verdict !== 'stop')
    .sort((a, b) => scores[b].score - scores[a].score);
  return { scores, ranking, because: inOneSentence(scores, ranking) };
}

function scoreOf(
  place: MotorPlace,
  read: TakeInInput,
  limits: Limits,
  weights: Record<ScoreFactorId, number>,
): PlaceScore {
  const { verdict, values } = factorsFor(place, read, limits);
  const factors = scoreFactors.flatMap((id): ScoreFactor[] => {
    const found = values[id];
    return found ? [{ id, weight: weights[id], value: found.value, because: found.because }] : [];
  });
  const known = factors.filter(({ value }) => value !== null);
  const weight = known.reduce((sum, factor) => sum + factor.weight, 0);
  const mean = weight > 0 ? known.reduce((sum, factor) => sum + factor.weight * factor.value!, 0) / weight : 0;
  return { place, verdict, score: verdict === 'stop' ? 0 : Math.round(1000 * mean) / 10, factors };
}

function inOneSentence(scores: TakeInResult['scores'], [first, second]: readonly MotorPlace[]): Said {
  if (!first) return said('take-in.no-place-on-this-bike-may');
  if (!second) return said('take-in.only-is-left', { placeWords: placeWords[first] });
  const lead = scores[first].score - scores[second].score;
  const deciding = decidingFactor(scores[first], scores[second]);
  if (lead <= evenPoints)
    return said('take-in.and-are-about-as-good-your', { first: placeWords[first], second: placeWords[second] });
  const ahead = { first: placeWords[first], second: placeWords[second] };
  return deciding ? said('take-in.is-ahead-because', { ...ahead, deciding }) : said('take-in.is-ahead-of', ahead);
}

const placeWords: Record<MotorPlace, Said> = {
  front: said('take-in.front'),
  rear: said('take-in.rear'),
  mid: said('take-in.mid-drive'),
};

/** The factor that sets both apart most. */
function decidingFactor(first: PlaceScore, second: PlaceScore): Said | null {
  const apart = first.factors.map((factor) => {
    const other = second.factors.find(({ id }) => id === factor.id);
    const difference = factor.value === null || !other || other.value === null ? 0 : factor.value - other.value;
    return { factor, gain: factor.weight * difference };
  });
  const [most] = apart.sort((a, b) => b.gain - a.gain);
  return most && most.gain > 0 ? most.factor.because : null;
}

function given(weights: TakeInInput['weights']): Partial<Record<ScoreFactorId, number>> {
  return Object.fromEntries(Object.entries(weights ?? {}).filter(([, weight]) => weight !== undefined));
}
