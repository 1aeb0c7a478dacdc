import { InputError, readInput } from '../input';
import { toldFeatures, withTold, type Telling } from '../told';
import { BikeFacts } from '../bike-facts/bike-facts';

/**
 * Holds what is told of a bike against what its feature may be.
 *
 * @returns null when it holds
 * @example whyNotTold({ feature: 'riderKg', is: 900 })?.message // 'riderKg is 900; it must be a number from 20 to 250 kg'
 */
export function whyNotTold({ feature, is }: Telling): InputError | null {
  if (!toldFeatures.includes(feature)) return new InputError('feature', feature, 'something that take-in asks');
  if (is === null) return null;
  try {
    readInput(BikeFacts, withTold({}, feature, is));
    return null;
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}
