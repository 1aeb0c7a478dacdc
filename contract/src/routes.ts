import { factResources, type FactKind } from './register';

/** The most bikes that one page of the list holds. */
export const bikesAtOnce = 60;

/** The most rows that one page of a bike's journal holds. */
export const journalAtOnce = 200;

/** Where a page of a list goes on: before the oldest row so far. */
const before = (at: string, id: string) => `before=${encodeURIComponent(`${at},${id}`)}`;

/** Where each resource lives. Ids are UUIDs made by the client. */
export const routes = {
  bikes: '/api/bikes',
  /** Those that came in before this one. */
  olderBikes: ({ createdAt, id }: { createdAt: string; id: string }) => `/api/bikes?${before(createdAt, id)}`,
  bike: (bikeId: string) => `/api/bikes/${bikeId}`,
  bikeWithdrawal: (bikeId: string) => `/api/bikes/${bikeId}/withdrawal`,
  bikeReturn: (bikeId: string) => `/api/bikes/${bikeId}/return`,
  /** The newest rows, oldest first; those before a row of it. */
  bikeJournal: (bikeId: string, row: { at: string; id: string } | null = null) =>
    `/api/bikes/${bikeId}/journal${row ? `?${before(row.at, row.id)}` : ''}`,
  fact: (bikeId: string, kind: FactKind, id: string) => `/api/bikes/${bikeId}/${factResources[kind].path}/${id}`,
  factWithdrawal: (bikeId: string, kind: FactKind, id: string) =>
    `/api/bikes/${bikeId}/${factResources[kind].path}/${id}/withdrawal`,
  takeIn: (bikeId: string, tellingId: string) => `/api/bikes/${bikeId}/take-in/${tellingId}`,
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
  stockMove: (itemId: string, moveId: string) => `/api/stores/${itemId}/moves/${moveId}`,
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
  ownLanguage: '/api/session/language',
  people: '/api/people',
  person: (personId: string) => `/api/people/${personId}`,
} as const;

/** Header that names one write: repeated with the same id it changes nothing. */
export const writeIdHeader = 'x-write-id';

/** Header that says how long an entry has waited at the phone, in milliseconds, by the phone's own clock alone. */
export const queuedHeader = 'x-queued-ms';

/** Header with the id of the person who made the write: it may be sent after another one took over the phone. */
export const personHeader = 'x-person';
