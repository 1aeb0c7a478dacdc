import type { Place } from '@cricket/core/model';

/** Words that every screen shares. */
export const words = {
  draft: {
    here: 'What you typed here before and did not keep is back.',
    throwAway: 'Throw it away',
    sure: 'Really throw it away',
  },
  product: 'Cricket',
  toPage: 'To the page',
  figuresInLine: 'write figures with a blank between them',
  notKept: (many: number) =>
    many === 1
      ? 'Not kept: one answer is missing or does not hold.'
      : `Not kept: ${many} answers are missing or do not hold.`,
  places: {
    'front-axle': 'Front',
    'rear-axle': 'Rear',
    'front-brake': 'Front brake',
    'rear-brake': 'Rear brake',
    bar: 'Handlebar',
    cranks: 'Cranks',
    frame: 'Frame',
    rack: 'Rack',
    loom: 'Cables',
    bike: 'Bike',
  } satisfies Record<Place, string>,
  bikes: 'Bikes',
  stores: 'Stores',
  wheels: 'Wheels',
  shop: 'Shop',
  back: 'Back',
  loading: 'Fetching…',
  again: 'Try again',
  failed: 'This could not be fetched.',
  failedWhy: 'The server does not answer, and nothing is kept here from before.',
  broken: 'This page has tripped.',
  brokenWhy: 'What you entered before is kept. Load the page again; if it trips again, tell the shop.',
  reload: 'Load again',
  newer: 'A newer version of Cricket is here.',
  unreachable: (count: number) =>
    count === 0
      ? 'The server does not answer.'
      : `The server does not answer. ${count} ${count === 1 ? 'entry waits' : 'entries wait'} here and ${count === 1 ? 'goes' : 'go'} out by ${count === 1 ? 'itself' : 'themselves'}.`,
  notDurable: 'This browser keeps nothing: do not close the page while entries wait.',
  refused: (count: number) => `${count} ${count === 1 ? 'entry was' : 'entries were'} refused.`,
  look: 'Look',
  gone: 'There is no such page.',
  home: 'To the bikes',
  next: 'Go on',
};
