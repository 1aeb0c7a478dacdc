/** Words of the templates to print. */
export const words = {
  title: 'Templates, 1:1',
  print: 'Print',
  check: 'Check the scale first: this line must measure 100 mm. Print at 100 %, not “fit to page”.',
  hundred: '100 mm',
  gauge: 'Flats gauge: stiff card cut out and slid into the slot tells its width.',
  slot: (side: string) => `${side} slot as measured, with the axle in it and what is filed off (hatched).`,
  sides: { left: 'Left', right: 'Right' },
  notMeasured: (side: string) => `The ${side.toLowerCase()} slot is not measured yet.`,
  arm: 'The arm, along the blade: lay it on the fork before anything is bought.',
  noArm: 'No arm is chosen yet.',
};
