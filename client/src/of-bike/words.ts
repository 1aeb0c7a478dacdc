/** Words of what the pages of a bike share. */
export const words = {
  gone: 'This bike is not here',
  goneWhy: 'It may have been taken out of the shop meanwhile, or never reached this phone.',
  notMeasured: 'Not measured yet',
  takeOffList: 'Take it off the list',
  takeOffSure: 'Yes, take it off',
  save: 'Keep',
};
