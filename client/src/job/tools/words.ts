import { phrase } from '../../ui/say';

/** Words of the tools on hand. */
export const words = {
  conflict: phrase('tools.conflict'),
};
