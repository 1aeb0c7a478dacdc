import { unitName, type Units } from '@cricket/core/units';

import { phrase } from './say';

/** What a figure's unit is called: a sign is the same in every language, a word is not. */
export function unitWord(unit: string, units: Units): string {
  return unit === 'days' ? phrase('ui.unit-days') : unitName(unit, units);
}
