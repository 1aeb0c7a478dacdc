import { axleSurprises } from './axle.testing';
import { bikeSurprises } from './bike.testing';
import { brakeSurprises } from './brake.testing';
import { driveSurprises } from './drive.testing';
import { torqueSurprises } from './torque.testing';
import type { Surprise } from './cases.testing';

export { nothingToForesee, type Foreseen } from './cases.testing';

/** The 45 surprises that are met at the stand with the wheel in hand. */
export const surprises: readonly Surprise[] = [
  ...axleSurprises,
  ...brakeSurprises,
  ...driveSurprises,
  ...torqueSurprises,
  ...bikeSurprises,
];
