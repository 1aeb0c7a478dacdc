import { phrase } from '../../ui/say';

/** Words of what came in with a file of another shop. */
export const words = {
  title: (stacks: number, plans: number, steps: number) =>
    phrase('stand.vouch.title', {
      it: [many('stacks', stacks), many('plans', plans), many('steps', steps)]
        .filter(Boolean)
        .join(phrase('stand.vouch.title-and')),
    }),
  lead: phrase('stand.vouch.lead'),
  ask: phrase('stand.vouch.ask'),
  because: phrase('stand.vouch.because'),
  keep: phrase('stand.vouch.keep'),
  given: (person: string, because: string) => phrase('stand.vouch.given', { person, because }),
  elsewhere: (person: string, day: string) => phrase('stand.vouch.elsewhere', { person, day }),
};

function many(what: 'stacks' | 'plans' | 'steps', count: number): string {
  return count === 0 ? '' : phrase(`stand.vouch.${what}`, { count });
}
