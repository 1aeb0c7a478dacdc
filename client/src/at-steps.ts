import { barAtSteps } from './features/bar/at-steps';
import { bayAtSteps } from './features/bay/at-steps';
import { cablesAtSteps } from './features/cables/at-steps';
import { cranksAtSteps } from './features/cranks/at-steps';
import { leversAtSteps } from './features/levers/at-steps';
import { powerAtSteps } from './features/power/at-steps';
import { wiringAtSteps } from './features/wiring/at-steps';
import type { AtSteps } from './job/steps/at-steps';

/** What the stations show beside the steps of the stand. A new station is a line here. */
export const atSteps: readonly AtSteps[] = [
  barAtSteps,
  cranksAtSteps,
  bayAtSteps,
  powerAtSteps,
  cablesAtSteps,
  leversAtSteps,
  wiringAtSteps,
];
