import { phrase } from '../../ui/say';

/** Words of what the pages of a bike share. */
export const words = {
  gone: phrase('of-bike.gone'),
  goneWhy: phrase('of-bike.goneWhy'),
  notMeasured: phrase('of-bike.notMeasured'),
  takeOffList: phrase('of-bike.takeOffList'),
  takeOffSure: phrase('of-bike.takeOffSure'),
  save: phrase('of-bike.save'),
};
