/** What is found at the stand, against what was worked out: washers as threaded on, the rim, gaps. */
export { fittedStack, type FittedStack } from './fitted-stack';
export { coverGapAsFound, rimAsFound, runningGapAsFound, type RimAsFound } from './as-found';
