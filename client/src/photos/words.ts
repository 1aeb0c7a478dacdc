/** Words of photos. */
export const words = {
  take: 'Add a photo',
  busy: 'Shrinking it…',
  none: 'No photo yet.',
  waits: 'waits for the server',
  unreadable: 'This file is no picture that the phone can read. Take a JPEG, PNG or WebP.',
  tooLarge: 'This picture stays too large even when shrunk. Take another one.',
  by: (person: string, when: string) => `${person}, ${when}`,
  withdraw: 'Withdraw',
  sure: 'Sure? Touch again',
  close: 'Close',
  look: (about: string, when: string) => `Photo: ${about}, ${when}`,
  offline: 'The picture is with the server and cannot be fetched just now.',
};
