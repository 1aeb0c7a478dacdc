import { phrase, within } from '../../ui/say';

/** Words of what was found, and of the ways on from it. */
export const words = {
  overriddenBy: (person: string, because: string) => phrase('fit.overriddenBy', { person, because }),
  limits: { most: phrase('fit.limits.most'), least: phrase('fit.limits.least'), limit: phrase('fit.limits.limit') },
  takeBack: (what: string) => phrase('fit.takeBack', { what: within(what) }),
  putRight: phrase('fit.putRight'),
  measureIt: (what: string) => phrase('fit.measureIt', { what: within(what) }),
  measureOpen: phrase('fit.measureOpen'),
  sayTakeIn: phrase('fit.sayTakeIn'),
  sayKit: (code: string) => phrase('fit.sayKit', { code }),
  sayJob: phrase('fit.sayJob'),
};
