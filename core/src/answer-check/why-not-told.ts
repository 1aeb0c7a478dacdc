import { said } from '../said';
import { InputError, readInput } from '../input';
import { toldFeatures, withTold, type Telling } from '../told';
import { BikeFacts } from '../bike-facts/bike-facts';

/**
 * Holds what is told of a bike against what its feature may be.
 *
 * @returns null when it holds
 * @example whyNotTold({ feature: 'riderKg', is: 900 })?.allowed.said // 'input.number-in'
 */
export function whyNotTold({ feature, is }: Telling): InputError | null {
  if (!toldFeatures.includes(feature))
    return new InputError('feature', feature, said('answer-check.something-that-take-in-asks'));
  if (is === null) return null;
  try {
    readInput(BikeFacts, withTold({}, feature, is));
    return null;
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}
