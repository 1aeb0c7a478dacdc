import { said } from '../said';
import { judgeStack, type AxleStackInput, type Stack } from '../axle-stack';
import type { EndFit } from '../end-fit';
import { featureById, type Feature } from '../features';
import { withLimits, type Limits } from '../limits';
import type { FitInput, NextReading } from './contract';

/**
 * How likely a missing reading turns the verdict, by the first part of its name [J]: what most often surprises.
 */
const turns: Record<string, number> = {
  material: 0.25,
  'blade-material': 0.15,
  suspension: 0.2,
  'maker-approval': 0.5,
  condition: 0.15,
  seat: 0.2,
  brake: 0.15,
  'axle-extras': 0.1,
  hanger: 0.08,
  'old-hub': 0.2,
  gears: 0.2,
  cluster: 0.25,
  clicks: 0.15,
  'rotor-pattern': 0.2,
  'caliper-mount': 0.05,
  'slot-width': 0.35,
  'slot-depth': 0.25,
  plate: 0.12,
  lip: 0.3,
  'lip-diameter': 0.5,
  'lip-depth': 0.3,
  'old-axle': 0.15,
  spacing: 0.3,
  'rim-to-dropout': 0.12,
  'rotor-inboard': 0.35,
  'rotor-outer': 0.35,
  'rotor-thickness': 0.12,
  'rotor-diameter': 0.1,
  'rotor-max': 0.08,
  'caliper-inboard': 0.4,
  'caliper-depth': 0.3,
  'mount-plate': 0.15,
  'mount-thread': 0.15,
  'leg-inboard': 0.2,
  'sprocket-gap': 0.2,
  'cassette-stack': 0.3,
  'slot-line': 0.3,
  'clamp-from': 0.1,
  'clamp-to': 0.1,
  'blade-width': 0.1,
  'blade-step': 0.15,
  hole: 0.5,
  extra: 0.15,
};

/** Seconds that one reading takes, with the tool in hand. */
function secondsFor(feature: Feature, limits: Limits): number {
  if (feature.kind === 'word') return feature.id === 'condition' ? limits.secondsCondition : limits.secondsWord;
  if (feature.kind === 'parts') return limits.secondsParts;
  return feature.instrument === 'calipers' ? limits.secondsCalipers : limits.secondsRuler;
}

/** How much a reading that is missing tells for its time: its chance to turn the verdict per second. */
export function nextWorth(feature: Feature, { limits }: Pick<FitInput, 'limits'>): number {
  return (turns[feature.id.split('.')[0]!] ?? 0.05) / secondsFor(feature, withLimits(limits));
}

/**
 * What to measure next, best first: a missing reading by how likely it turns the verdict per second; once all are there,
 * the one whose repeat raises the chance of a right first try most.
 */
export function nextReadings(input: FitInput, fit: EndFit): NextReading[] {
  const open = fit.open.map((feature): NextReading => {
    const seconds = secondsFor(feature, withLimits(input.limits));
    const chance = turns[feature.id.split('.')[0]!] ?? 0.05;
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
