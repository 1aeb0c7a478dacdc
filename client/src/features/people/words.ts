import { phrase } from '../../ui/say';

/** Words of the page of people. */
export const words = {
  title: phrase('people.title'),
  add: phrase('people.add'),
  change: phrase('people.change'),
  back: phrase('people.back'),
  role: phrase('people.role'),
  pin: phrase('people.pin'),
  withPin: phrase('people.withPin'),
  withoutPin: phrase('people.withoutPin'),
  shutOut: phrase('people.shutOut'),
  mayEnter: phrase('people.mayEnter'),
  yes: phrase('people.yes'),
  no: phrase('people.no'),
};
