import { roles, type Role } from './shapes';

/** A fact of a bike: put once under an id of its own, never changed, withdrawn at most. */
export interface FactResource {
  /** Under the bike's own path. */
  path: string;
  /** Who may add one, and take one back. */
  who: readonly Role[];
  /** In a few words, for the description of the API. */
  does: string;
  /** The same of its withdrawal; null where a fact stands for good. */
  takesBack: string | null;
}

const workers: readonly Role[] = ['owner', 'installer'];

/** Every kind of fact. Routes, access, API description, outbox and what a page foresees follow from its row. */
export const factResources = {
  reading: { path: 'readings', who: roles, does: 'Keep a reading', takesBack: 'Withdraw a reading' },
  choice: { path: 'choices', who: workers, does: 'Choose a place or a wheel', takesBack: 'Take a choice back' },
  acceptance: { path: 'acceptances', who: workers, does: 'Accept what was worked out', takesBack: null },
  arrangement: {
    path: 'arrangements',
    who: workers,
    does: 'Take how something besides an axle is to be built',
    takesBack: null,
  },
  event: {
    path: 'events',
    who: roles,
    does: 'Add what happened to a job',
    takesBack: 'Withdraw what was said to have happened',
  },
  photo: { path: 'photos', who: roles, does: 'Add a photo', takesBack: 'Withdraw a photo' },
} as const satisfies Record<string, FactResource>;

export type FactKind = keyof typeof factResources;
export const factKinds = Object.keys(factResources) as FactKind[];
