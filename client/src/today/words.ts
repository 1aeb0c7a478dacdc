/** Words of the first page. */
export const words = {
  isOut: 'taken out of the shop',
  find: 'Find a bike by tag or name',
  notFound: (text: string) => `No bike in the shop is called "${text}".`,
  cannotFind: 'The server cannot be reached: only the bikes above are known here.',
  onStand: 'Taken up last',
  nextUp: 'In the shop',
  inCare: 'In care, back with their riders',
  bikeIn: 'Bike in',
  carryOn: 'Carry on',
  none: 'No bikes in the shop',
  noneWhy: 'Bring the first one in: a tag and a name are enough.',
  emptyShop: 'Nothing to judge by yet',
  emptyShopWhy: 'A drawer to count and wheels to measure, from patterns: then a bike gets a verdict.',
  open: 'Open the shop',
  practice: 'Demo shop: everything here is invented and can be renewed at any time.',
};
