import { phrase } from '../../ui/say';

/** Words of a stack that is changed by hand. */
export const words = {
  inHand: (name: string, mm: string, side: string) => `${name} ${mm}, ${side}`,
  move: (side: string) => phrase('fit.move', { side }),
  takeOut: phrase('fit.takeOut'),
  swapFor: phrase('fit.swapFor'),
  add: (side: string) => phrase('fit.add', { side }),
  done: phrase('fit.done'),
};
