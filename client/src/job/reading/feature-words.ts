import { featureById, rowOfFeature } from '@cricket/core/features';

import { phrase } from '../../ui/say';

export interface FeatureWords {
  /** Heading of the screen. */
  title: string;
  /** What to do, verb first. */
  todo: string;
  /** Where the jaws go, or what to look at. */
  how: string;
  /** What it decides. */
  why: string;
}

/**
 * What the measuring screen says of a feature. Its texts go by the name of its row.
 *
 * @example featureWords('slot-width.left.seat').title // 'Left slot, width at the seat'
 */
export function featureWords(id: string): FeatureWords {
  const { row, side, place } = rowOfFeature(id);
  const name = row.id.replaceAll('.', '-');
  const which = { ...(side && { side }), ...(place && { place: phrase(`measure.feature.at.${place}`) }) };
  return {
    title: phrase(`measure.feature.${name}.title`, which),
    todo: phrase(`measure.feature.${name}.todo`, which),
    how: phrase(`measure.feature.${name}.how`, which),
    why: phrase(`measure.feature.${name}.why`, which),
  };
}

/** What the answer is called at this feature; a number, and what no list has, is its own name. */
export function answerName(featureId: string, word: string): string {
  const feature = featureById(featureId);
  if (feature?.kind !== 'word' || !feature.words.includes(word) || /^\d+$/.test(word)) return word;
  const { row } = rowOfFeature(featureId);
  return phrase(`measure.feature.${row.answersOf ?? row.id}.is-${word}`);
}
