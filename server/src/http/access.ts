import { roles, type Role } from '@cricket/contract/shapes';

/** Who may use a route: `anyone`, even without having signed in, or the roles named. */
export type Access = 'anyone' | readonly Role[];

export interface AccessRule {
  method: 'GET' | 'PUT' | 'PATCH' | 'POST' | 'DELETE';
  /** With `:name` for one part of the path. */
  path: string;
  who: Access;
}

const everybody = roles;
const workers: readonly Role[] = ['owner', 'installer'];
const owner: readonly Role[] = ['owner'];

/**
 * Every route and who may use it. What is not in here is refused: a new route is closed until somebody has thought about it.
 * A learner reads everything, measures, keeps notes and photos, and walks through the steps; what decides (stack, order,
 * catalogue) is an installer's, what changes how the shop judges, and who is in it, is the owner's.
 */
export const accessRules: readonly AccessRule[] = [
  { method: 'GET', path: '/api/shop', who: 'anyone' },
  { method: 'GET', path: '/api/session', who: 'anyone' },
  { method: 'POST', path: '/api/session', who: 'anyone' },
  { method: 'POST', path: '/api/session/demo', who: 'anyone' },
  { method: 'POST', path: '/api/session/first-owner', who: 'anyone' },
  { method: 'DELETE', path: '/api/session', who: 'anyone' },
  { method: 'POST', path: '/api/session/pin', who: everybody },
  { method: 'DELETE', path: '/api/session/everywhere', who: everybody },
  { method: 'PUT', path: '/api/session/secrets', who: everybody },
  { method: 'GET', path: '/api/changes', who: everybody },
  { method: 'GET', path: '/api/people', who: everybody },
  { method: 'PUT', path: '/api/people/:personId', who: owner },
  { method: 'GET', path: '/api/openapi.json', who: everybody },
  { method: 'GET', path: '/api/steps/minutes', who: everybody },
  { method: 'GET', path: '/api/shop/settings', who: everybody },
  { method: 'PUT', path: '/api/shop/settings', who: owner },
  { method: 'GET', path: '/api/bikes', who: everybody },
  { method: 'GET', path: '/api/bikes/:bikeId', who: everybody },
  { method: 'PUT', path: '/api/bikes/:bikeId', who: workers },
  { method: 'PATCH', path: '/api/bikes/:bikeId', who: workers },
  { method: 'PUT', path: '/api/bikes/:bikeId/withdrawal', who: workers },
  { method: 'GET', path: '/api/bikes/:bikeId/journal', who: everybody },
  { method: 'PUT', path: '/api/bikes/:bikeId/readings/:readingId', who: everybody },
  { method: 'PUT', path: '/api/bikes/:bikeId/readings/:readingId/withdrawal', who: everybody },
  { method: 'PUT', path: '/api/bikes/:bikeId/choices/:choiceId', who: workers },
  { method: 'PUT', path: '/api/bikes/:bikeId/choices/:choiceId/withdrawal', who: workers },
  { method: 'PUT', path: '/api/bikes/:bikeId/stacks/:stackId', who: workers },
  { method: 'PUT', path: '/api/bikes/:bikeId/events/:eventId', who: everybody },
  { method: 'PUT', path: '/api/bikes/:bikeId/events/:eventId/withdrawal', who: everybody },
  { method: 'GET', path: '/api/bikes/:bikeId/photos/:photoId', who: everybody },
  { method: 'PUT', path: '/api/bikes/:bikeId/photos/:photoId', who: everybody },
  { method: 'PUT', path: '/api/bikes/:bikeId/photos/:photoId/withdrawal', who: everybody },
  { method: 'PUT', path: '/api/bikes/:bikeId/take-in', who: workers },
  { method: 'PUT', path: '/api/bikes/:bikeId/orders/:lineId', who: workers },
  { method: 'GET', path: '/api/bikes/:bikeId/job-sheet', who: everybody },
  { method: 'GET', path: '/api/bikes/:bikeId/stack-card/:end', who: everybody },
  { method: 'GET', path: '/api/jobs/:bikeId', who: everybody },
  { method: 'PUT', path: '/api/jobs/:importId', who: workers },
  { method: 'GET', path: '/api/wheels', who: everybody },
  { method: 'PUT', path: '/api/wheels/:wheelId', who: workers },
  { method: 'PUT', path: '/api/wheels/imports/:importId', who: workers },
  { method: 'GET', path: '/api/stores', who: everybody },
  { method: 'PUT', path: '/api/stores/:itemId', who: workers },
  { method: 'PUT', path: '/api/stores/:itemId/withdrawal', who: workers },
  { method: 'PUT', path: '/api/stores/imports/:importId', who: workers },
];

const compiled = accessRules.map((rule) => ({
  ...rule,
  // More named parts first: `/wheels/imports/:id` is not a wheel called "imports".
  matches: new RegExp(`^${rule.path.replace(/[.]/g, '\\.').replace(/:\w+/g, '[^/]+')}$`),
}));

/** Who may use a route; null when no rule names it. */
export function accessTo(method: string, path: string): Access | null {
  const asked = method === 'HEAD' ? 'GET' : method;
  const bare = path.length > 1 ? path.replace(/\/$/, '') : path;
  return compiled.find((rule) => rule.method === asked && rule.matches.test(bare))?.who ?? null;
}
