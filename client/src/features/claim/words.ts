import { phrase } from '../../ui/say';

/** Words of the claim. */
export const words = {
  title: phrase('claim.title'),
  none: phrase('claim.none'),
  toStand: phrase('claim.toStand'),
  noneWhy: phrase('claim.noneWhy'),
  subject: (code: string) => phrase('claim.subject', { code }),
  from: (shop: string, date: string) => `${shop}, ${date}`,
  lead: (code: string) => phrase('claim.lead', { code }),
  missing: phrase('claim.missing'),
  line: (part: string, expected: number, got: number) => phrase('claim.line', { part, expected, got }),
  complete: phrase('claim.complete'),
  damage: phrase('claim.damage'),
  differs: phrase('claim.differs'),
  photos: phrase('claim.photos'),
  photo: phrase('claim.photo'),
  ask: phrase('claim.ask'),
  signed: (person: string) => phrase('claim.signed', { person }),
  print: phrase('claim.print'),
};
