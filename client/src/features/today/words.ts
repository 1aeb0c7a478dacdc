import { phrase } from '../../ui/say';

/** Words of the first page. */
export const words = {
  isOut: phrase('today.isOut'),
  older: phrase('today.older'),
  showOlder: phrase('today.showOlder'),
  find: phrase('today.find'),
  notFound: (text: string) => phrase('today.notFound', { text }),
  cannotFind: phrase('today.cannotFind'),
  onStand: phrase('today.onStand'),
  nextUp: phrase('today.nextUp'),
  inCare: phrase('today.inCare'),
  bikeIn: phrase('today.bikeIn'),
  carryOn: phrase('today.carryOn'),
  none: phrase('today.none'),
  noneWhy: phrase('today.noneWhy'),
  emptyShop: phrase('today.emptyShop'),
  emptyShopWhy: phrase('today.emptyShopWhy'),
  open: phrase('today.open'),
  practice: phrase('today.practice'),
};
