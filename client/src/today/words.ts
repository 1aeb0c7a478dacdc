/** Words of the first page. */
export const words = {
  onStand: 'Taken up last',
  nextUp: 'In the shop',
  bikeIn: 'Bike in',
  carryOn: 'Carry on',
  none: 'No bikes in the shop',
  noneWhy: 'Bring the first one in: a tag and a name are enough.',
  practice: 'Demo shop: everything here is invented and can be renewed at any time.',
};
