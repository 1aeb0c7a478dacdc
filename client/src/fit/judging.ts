/** What judges a stack other than the best: a piece of its own, since pages open without it. */
export { coverGapAsFound, fittedStack, rimAsFound, runningGapAsFound } from '@cricket/core/as-fitted';
export { findingsWith } from '@cricket/core/fit';
