import { phrase } from '../../../ui/say';

/** Words of the calipers. */
export const words = {
  simulated: phrase('caliper.simulated'),
  serial: phrase('caliper.serial'),
  serialStop: phrase('caliper.serialStop'),
  serialGone: phrase('caliper.serialGone'),
};
