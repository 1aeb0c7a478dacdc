import { phrase } from '../../ui/say';

/** Words of the page for two motors. */
export const words = {
  title: phrase('both.title'),
  none: phrase('both.none'),
  noneWhy: phrase('both.noneWhy'),
  battery: phrase('both.battery'),
  amps: (amps: number) => `${amps} A`,
  lead: phrase('both.lead'),
  at: (end: string, code: string) => `${end === 'front' ? phrase('both.at-front') : phrase('both.at-rear')}, ${code}`,
  share: (amps: string) => phrase('both.share', { amps }),
  working: phrase('both.working'),
  law: phrase('both.law'),
};
