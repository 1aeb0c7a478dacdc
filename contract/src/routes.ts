/** Where each resource lives. Ids are UUIDs made by the client. */
export const routes = {
  bikes: '/api/bikes',
  bike: (bikeId: string) => `/api/bikes/${bikeId}`,
  bikeWithdrawal: (bikeId: string) => `/api/bikes/${bikeId}/withdrawal`,
  bikeJournal: (bikeId: string) => `/api/bikes/${bikeId}/journal`,
  reading: (bikeId: string, readingId: string) => `/api/bikes/${bikeId}/readings/${readingId}`,
  readingWithdrawal: (bikeId: string, readingId: string) => `/api/bikes/${bikeId}/readings/${readingId}/withdrawal`,
  choice: (bikeId: string, choiceId: string) => `/api/bikes/${bikeId}/choices/${choiceId}`,
  choiceWithdrawal: (bikeId: string, choiceId: string) => `/api/bikes/${bikeId}/choices/${choiceId}/withdrawal`,
  stack: (bikeId: string, stackId: string) => `/api/bikes/${bikeId}/stacks/${stackId}`,
  takeIn: (bikeId: string) => `/api/bikes/${bikeId}/take-in`,
  event: (bikeId: string, eventId: string) => `/api/bikes/${bikeId}/events/${eventId}`,
  eventWithdrawal: (bikeId: string, eventId: string) => `/api/bikes/${bikeId}/events/${eventId}/withdrawal`,
  photo: (bikeId: string, photoId: string) => `/api/bikes/${bikeId}/photos/${photoId}`,
  photoWithdrawal: (bikeId: string, photoId: string) => `/api/bikes/${bikeId}/photos/${photoId}/withdrawal`,
  jobSheet: (bikeId: string) => `/api/bikes/${bikeId}/job-sheet`,
  stackCard: (bikeId: string, end: string) => `/api/bikes/${bikeId}/stack-card/${end}`,
  order: (bikeId: string, lineId: string) => `/api/bikes/${bikeId}/orders/${lineId}`,
  job: (bikeOrImportId: string) => `/api/jobs/${bikeOrImportId}`,
  wheels: '/api/wheels',
  wheelsImport: (importId: string) => `/api/wheels/imports/${importId}`,
  storesImport: (importId: string) => `/api/stores/imports/${importId}`,
  wheel: (wheelId: string) => `/api/wheels/${wheelId}`,
  stores: '/api/stores',
  storeItem: (itemId: string) => `/api/stores/${itemId}`,
  stepMinutes: '/api/steps/minutes',
  changes: '/api/changes',
  shop: '/api/shop',
  settings: '/api/shop/settings',
  session: '/api/session',
  pinSwitch: '/api/session/pin',
  demoSession: '/api/session/demo',
  everySession: '/api/session/everywhere',
  firstOwner: '/api/session/first-owner',
  ownSecrets: '/api/session/secrets',
  people: '/api/people',
  person: (personId: string) => `/api/people/${personId}`,
} as const;

/** Header that names one write: repeated with the same id it changes nothing. */
export const writeIdHeader = 'x-write-id';

/** Header that says how long an entry has waited at the phone, in milliseconds, by the phone's own clock alone. */
export const queuedHeader = 'x-queued-ms';

/** Header with the id of the person who made the write: it may be sent after another one took over the phone. */
export const personHeader = 'x-person';
