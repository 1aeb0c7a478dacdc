import { phrase } from '../../ui/say';

/** Words of the keys that a figure is typed with. */
export const words = {
  erase: phrase('measure.erase'),
  sign: phrase('measure.sign'),
};
