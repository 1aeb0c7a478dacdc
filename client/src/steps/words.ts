import { phrase } from '../ui/say';

/** Words of steps wherever they are told of. */
export const words = {
  list: phrase('steps.list'),
  line: (title: string, person: string, because: string) => phrase('steps.line', { title, person, because }),
};
