/** Where each resource lives. Ids are UUIDs made by the client. */
export const routes = {
  bikes: '/api/bikes',
  bike: (bikeId: string) => `/api/bikes/${bikeId}`,
  bikeWithdrawal: (bikeId: string) => `/api/bikes/${bikeId}/withdrawal`,
  bikeJournal: (bikeId: string) => `/api/bikes/${bikeId}/journal`,
  reading: (bikeId: string, readingId: string) => `/api/bikes/${bikeId}/readings/${readingId}`,
  readingWithdrawal: (bikeId: string, readingId: string) => `/api/bikes/${bikeId}/readings/${readingId}/withdrawal`,
  choice: (bikeId: string, choiceId: string) => `/api/bikes/${bikeId}/choices/${choiceId}`,
  stack: (bikeId: string, stackId: string) => `/api/bikes/${bikeId}/stacks/${stackId}`,
  takeIn: (bikeId: string) => `/api/bikes/${bikeId}/take-in`,
  order: (bikeId: string, lineId: string) => `/api/bikes/${bikeId}/orders/${lineId}`,
  job: (bikeOrImportId: string) => `/api/jobs/${bikeOrImportId}`,
  wheels: '/api/wheels',
  wheelsImport: (importId: string) => `/api/wheels/imports/${importId}`,
  storesImport: (importId: string) => `/api/stores/imports/${importId}`,
  wheel: (wheelId: string) => `/api/wheels/${wheelId}`,
  stores: '/api/stores',
  storeItem: (itemId: string) => `/api/stores/${itemId}`,
  shop: '/api/shop',
  settings: '/api/shop/settings',
} as const;

/** Header that names one write: repeated with the same id it changes nothing. */
export const writeIdHeader = 'x-write-id';

/** Header with the name of the person who writes. */
export const personHeader = 'x-person';
