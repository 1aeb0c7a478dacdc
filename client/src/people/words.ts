/** Words of the page of people. */
export const words = {
  title: 'People',
  add: 'Add a person',
  change: 'Change',
  back: 'Back',
  role: 'What this person does',
  pin: 'PIN for the stand',
  withPin: 'has a PIN',
  withoutPin: 'no PIN',
  shutOut: 'may not sign in',
  mayEnter: 'May sign in',
  yes: 'Yes',
  no: 'No',
};
