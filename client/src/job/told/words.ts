import { phrase } from '../../ui/say';

/** What is told of a bike, in the words of those who ask for it. */
export const words = {
  sensors: {
    'split-ring': phrase('take-in.sensors.split-ring'),
    'ring-under-crank': phrase('take-in.sensors.ring-under-crank'),
    'under-cup': phrase('take-in.sensors.under-cup'),
    sealed: phrase('take-in.sensors.sealed'),
    'torque-shell': phrase('take-in.sensors.torque-shell'),
    none: phrase('take-in.sensors.none'),
  },
};
