import { said } from '../said';
import { judgeStack, type AxleStackInput, type Stack } from '../axle-stack';
import type { EndFit } from '../end-fit';
import { featureById, rowOfFeature, type Feature } from '../features';
import { withLimits, type Limits } from '../limits';
import type { FitInput, NextReading } from './contract';

/** How likely a missing reading turns the verdict, where its row does not say [J]. */
const seldomTurns = 0.05;

const chanceOf = ({ id }: Feature) => rowOfFeature(id).row.turns ?? seldomTurns;

/** Seconds that one reading takes, with the tool in hand. */
function secondsFor(feature: Feature, limits: Limits): number {
  const { seconds } = rowOfFeature(feature.id).row;
  if (seconds) return limits[seconds];
  if (feature.kind === 'word') return limits.secondsWord;
  if (feature.kind === 'parts') return limits.secondsParts;
  return feature.instrument === 'calipers' ? limits.secondsCalipers : limits.secondsRuler;
}

/** How much a reading that is missing tells for its time: its chance to turn the verdict per second. */
export function nextWorth(feature: Feature, { limits }: Pick<FitInput, 'limits'>): number {
  return chanceOf(feature) / secondsFor(feature, withLimits(limits));
}

/**
 * What to measure next, best first: a missing reading by how likely it turns the verdict per second; once all are there,
 * the one whose repeat raises the chance of a right first try most.
 */
export function nextReadings(input: FitInput, fit: EndFit): NextReading[] {
  const open = fit.open.map((feature): NextReading => {
    const seconds = secondsFor(feature, withLimits(input.limits));
    const chance = chanceOf(feature);
    return {
      feature,
      state: 'open',
      seconds,
      worthPerSecond: chance / seconds,
      because: said('fit.one-in-turns-verdict', { it: Math.max(2, Math.round(1 / chance)) }),
    };
  });
  if (open.length > 0) return open.sort((a, b) => b.worthPerSecond - a.worthPerSecond);
  return againReadings(input, fit).sort((a, b) => b.worthPerSecond - a.worthPerSecond);
}

/** The scatter of one reading shrinks by √2 when it is taken again. */
const again = Math.SQRT1_2;

/** Usual scatter of what each reading stands for, in mm. */
const sigma = { spacingMm: 0.15, rimMm: 0.2, rotorMm: 0.1 };

const repeats: { features: readonly string[]; sigma: Partial<typeof sigma> }[] = [
  { features: ['spacing.front', 'spacing.back'], sigma: { spacingMm: sigma.spacingMm * again } },
  { features: ['rim-to-dropout.left', 'rim-to-dropout.right'], sigma: { rimMm: sigma.rimMm * again } },
  // One of the two rotor readings is the bike's: its variance halves, the wheel's stays.
  { features: ['rotor-inboard'], sigma: { rotorMm: sigma.rotorMm * Math.sqrt(0.75) } },
];

function againReadings({ facts, limits }: FitInput, { stack, stackInput }: EndFit): NextReading[] {
  const best = stack?.stacks[0];
  if (!best || !stackInput) return [];
  return repeats.flatMap(({ features, sigma: smaller }) => {
    const gain = chanceWith(stackInput, best, smaller) - best.firstTimeRight;
    return features.flatMap((id): NextReading[] => {
      const feature = featureById(id);
      if (!feature || !facts.lengths.has(id) || gain < 1e-4) return [];
      const seconds = secondsFor(feature, withLimits(limits));
      return [
        {
          feature,
          state: 'again',
          seconds,
          worthPerSecond: gain / features.length / seconds,
          because: said('fit.taken-again-it-raises-chance-of', { gain: 100 * gain }),
        },
      ];
    });
  });
}

/** Chance of a right first try with less scatter. */
function chanceWith(input: AxleStackInput, stack: Stack, smaller: Partial<typeof sigma>): number {
  const thickness = new Map(input.washers.map(({ id, thicknessMm }) => [id, thicknessMm]));
  const arrangement = {
    left: stack.left.inside,
    right: stack.right.inside,
    rotorShimsMm: stack.rotorShimsMm,
    caliperShimsMm: stack.caliperShimsMm,
  };
  return judgeStack({ ...input, sigma: { ...input.sigma, ...smaller } }, arrangement, (id) => thickness.get(id)!)
    .firstTimeRight;
}
