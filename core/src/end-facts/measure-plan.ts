import { features, isCarbon, rowOfFeature, type Feature } from '../features';
import type { EndFacts } from './end-facts';

/** One thing to record, and how far it is. */
export interface PlannedFeature {
  feature: Feature;
  /** Without it there is no verdict but "not measured yet". */
  required: boolean;
  /** `again`: the readings differ too much for one more not to matter. */
  state: 'open' | 'again' | 'settled';
}

/**
 * What to record of this end, in order. Depends on what is already known: a rim brake needs no rotor, a smooth dropout
 * no lip, and a carbon end needs nothing more at all.
 */
export function measurePlan(facts: EndFacts): PlannedFeature[] {
  return features
    .filter((feature) => asked(feature.id, facts))
    .map((feature) => ({
      feature,
      required: rowOfFeature(feature.id).row.optional !== true,
      state: stateOf(feature, facts),
    }));
}

/** What must still be read before there can be a verdict, in order. */
export function openFeatures(facts: EndFacts): Feature[] {
  return measurePlan(facts)
    .filter(({ required, state }) => required && state !== 'settled')
    .map(({ feature }) => feature);
}

/** Of an end that is refused nothing is asked but what refuses it. */
const ofCarbon: readonly string[] = ['material', 'blade-material'];

function asked(id: string, facts: EndFacts): boolean {
  if (isCarbon(facts)) return ofCarbon.includes(id);
  const { row, side } = rowOfFeature(id);
  return row.when?.(facts, id, side) ?? true;
}

function stateOf(feature: Feature, facts: EndFacts): PlannedFeature['state'] {
  if (feature.kind === 'word') return facts.words.has(feature.id) ? 'settled' : 'open';
  if (feature.kind === 'parts') return facts.parts.has(feature.id) ? 'settled' : 'open';
  const statistics = facts.lengths.get(feature.id);
  if (!statistics) return 'open';
  return statistics.askAgain ? 'again' : 'settled';
}
