import {
  BikeChange,
  DemoRole,
  FirstOwner,
  NewBike,
  NewChoice,
  NewJobEvent,
  NewPhoto,
  NewReading,
  NewArrangement,
  NewStack,
  NewStockMove,
  OrderLineEntry,
  OwnLanguage,
  OwnSecrets,
  PersonEntry,
  PinSwitch,
  SettingsEntry,
  SignIn,
  PartEntry,
  StoresImport,
  TakeInEntry,
  WheelEntry,
  WheelsImport,
  Withdrawal,
} from '@cricket/contract';
import { factKinds, factResources, type FactKind } from '@cricket/contract/register';
import { roles, type Role } from '@cricket/contract/shapes';
import { JobFile } from '@cricket/core/job-file';

/** Who may use a route: `anyone`, even without having signed in, or the roles named. */
export type Access = 'anyone' | readonly Role[];

export interface AccessRule {
  method: 'GET' | 'PUT' | 'PATCH' | 'POST' | 'DELETE';
  /** With `:name` for one part of the path. */
  path: string;
  who: Access;
  /** In a few words. */
  does: string;
  /** The class that a body is held to; left out where there is none. */
  takes?: new () => object;
  /** Whose marks the answer follows from, by the named parts of the path: with the same marks it is the same. */
  follows?: (named: Readonly<Record<string, string>>) => readonly string[];
  /** What may stand after the path, and what it means. */
  query?: Readonly<Record<string, string>>;
}

const everybody = roles;
const workers: readonly Role[] = ['owner', 'installer'];
const owner: readonly Role[] = ['owner'];

const inLanguage = { language: 'en or de; that of who asks when left out' };

/** The class that a new fact of each kind is held to. */
const factBodies: Record<FactKind, new () => object> = {
  reading: NewReading,
  choice: NewChoice,
  acceptance: NewStack,
  arrangement: NewArrangement,
  event: NewJobEvent,
  photo: NewPhoto,
};

function factRules(kind: FactKind): AccessRule[] {
  const { path, who, does, takesBack } = factResources[kind];
  const one = `/api/bikes/:bikeId/${path}/:id`;
  return [
    { method: 'PUT', path: one, who, does, takes: factBodies[kind] },
    ...(takesBack === null
      ? []
      : [{ method: 'PUT' as const, path: `${one}/withdrawal`, who, does: takesBack, takes: Withdrawal }]),
  ];
}

/**
 * Every route and who may use it. What is not in here is refused: a new route is closed until somebody has thought about it.
 * A learner reads everything, measures, keeps notes and photos, and walks through the steps; what decides (stack, order,
 * catalogue) is an installer's, what changes how the shop judges, and who is in it, is the owner's.
 */
export const accessRules: readonly AccessRule[] = [
  { method: 'GET', path: '/api/shop', who: 'anyone', does: 'Which shop this is' },
  { method: 'GET', path: '/api/session', who: 'anyone', does: 'Who is at this phone' },
  { method: 'POST', path: '/api/session', who: 'anyone', does: 'Sign in', takes: SignIn },
  {
    method: 'POST',
    path: '/api/session/demo',
    who: 'anyone',
    does: "Become one of the demo's people",
    takes: DemoRole,
  },
  {
    method: 'POST',
    path: '/api/session/first-owner',
    who: 'anyone',
    does: 'Become the owner of a new shop',
    takes: FirstOwner,
  },
  { method: 'DELETE', path: '/api/session', who: 'anyone', does: 'Sign out' },
  { method: 'POST', path: '/api/session/pin', who: everybody, does: 'Take over the phone by PIN', takes: PinSwitch },
  { method: 'DELETE', path: '/api/session/everywhere', who: everybody, does: 'Sign out on every phone' },
  {
    method: 'PUT',
    path: '/api/session/secrets',
    who: everybody,
    does: "Change one's own password or PIN",
    takes: OwnSecrets,
  },
  {
    method: 'PUT',
    path: '/api/session/language',
    who: everybody,
    does: 'Choose in which language one is spoken to',
    takes: OwnLanguage,
  },
  { method: 'GET', path: '/api/changes', who: everybody, does: 'What others change, as a stream of events' },
  { method: 'GET', path: '/api/people', who: everybody, does: 'The people of the shop' },
  { method: 'PUT', path: '/api/people/:personId', who: owner, does: 'Add or change a person', takes: PersonEntry },
  { method: 'GET', path: '/api/openapi.json', who: everybody, does: 'This description' },
  { method: 'GET', path: '/api/steps/minutes', who: everybody, does: 'How long steps took here' },
  {
    method: 'GET',
    path: '/api/shop/settings',
    who: everybody,
    does: 'What the workshop has set for itself',
    follows: () => ['settings'],
  },
  {
    method: 'PUT',
    path: '/api/shop/settings',
    who: owner,
    does: 'Set limits, tools, rates, units',
    takes: SettingsEntry,
  },
  {
    method: 'GET',
    path: '/api/bikes',
    who: everybody,
    does: 'The newest sixty bikes in the shop, oldest first, each with its next action',
    query: {
      search: 'Part of a tag or name; finds those that were taken out, too',
      before: 'Time and id of a bike, with a comma between: those that came in before it',
    },
  },
  {
    method: 'GET',
    path: '/api/bikes/:bikeId',
    who: everybody,
    does: 'Everything known of one bike',
    follows: ({ bikeId }) => [`bike:${bikeId!.toLowerCase()}`],
  },
  { method: 'PUT', path: '/api/bikes/:bikeId', who: workers, does: 'Bring a bike in', takes: NewBike },
  { method: 'PATCH', path: '/api/bikes/:bikeId', who: workers, does: "Change a bike's own facts", takes: BikeChange },
  {
    method: 'PUT',
    path: '/api/bikes/:bikeId/withdrawal',
    who: workers,
    does: 'Take a bike out of the shop',
    takes: Withdrawal,
  },
  {
    method: 'PUT',
    path: '/api/bikes/:bikeId/return',
    who: workers,
    does: 'Bring back a bike that was taken out',
    takes: Withdrawal,
  },
  {
    method: 'GET',
    path: '/api/bikes/:bikeId/journal',
    who: everybody,
    does: 'The newest two hundred things that were written about one bike, oldest first',
    query: { before: 'Time and id of a row, with a comma between: those that were written before it' },
  },
  ...factKinds.flatMap(factRules),
  { method: 'GET', path: '/api/bikes/:bikeId/photos/:photoId', who: everybody, does: 'A photo' },
  {
    method: 'PUT',
    path: '/api/bikes/:bikeId/take-in/:tellingId',
    who: workers,
    does: 'Record weights, wishes and the walk round',
    takes: TakeInEntry,
  },
  {
    method: 'PUT',
    path: '/api/bikes/:bikeId/orders/:lineId',
    who: workers,
    does: 'Order or receive a line of the shopping list',
    takes: OrderLineEntry,
  },
  {
    method: 'GET',
    path: '/api/bikes/:bikeId/job-sheet',
    who: everybody,
    does: 'The job sheet as PDF',
    query: inLanguage,
  },
  {
    method: 'GET',
    path: '/api/bikes/:bikeId/stack-card/:end',
    who: everybody,
    does: 'The card of an accepted stack as PDF',
    query: inLanguage,
  },
  { method: 'GET', path: '/api/jobs/:bikeId', who: everybody, does: 'A whole job as a file' },
  { method: 'PUT', path: '/api/jobs/:importId', who: workers, does: 'Read in a job from a file', takes: JobFile },
  {
    method: 'GET',
    path: '/api/wheels',
    who: everybody,
    does: 'The catalogue of motor wheels',
    follows: () => ['wheels'],
  },
  { method: 'PUT', path: '/api/wheels/:wheelId', who: workers, does: 'Add or change a motor wheel', takes: WheelEntry },
  {
    method: 'PUT',
    path: '/api/wheels/imports/:importId',
    who: workers,
    does: 'Read in motor wheels as a list',
    takes: WheelsImport,
  },
  {
    method: 'GET',
    path: '/api/stores',
    who: everybody,
    does: 'What is on hand',
    follows: () => ['stores'],
  },
  {
    method: 'PUT',
    path: '/api/stores/:itemId',
    who: workers,
    does: 'Add or change a line of the stores',
    takes: PartEntry,
  },
  {
    method: 'PUT',
    path: '/api/stores/:itemId/moves/:moveId',
    who: workers,
    does: 'Count a drawer, put in or take out',
    takes: NewStockMove,
  },
  {
    method: 'PUT',
    path: '/api/stores/:itemId/withdrawal',
    who: workers,
    does: 'Take a line out of the stores',
    takes: Withdrawal,
  },
  {
    method: 'PUT',
    path: '/api/stores/imports/:importId',
    who: workers,
    does: 'Read in the stores as a list',
    takes: StoresImport,
  },
];

const compiled = accessRules.map((rule) => ({
  ...rule,
  // More named parts first: `/wheels/imports/:id` is not a wheel called "imports".
  matches: new RegExp(`^${rule.path.replace(/[.]/g, '\\.').replace(/:(\w+)/g, '(?<$1>[^/]+)')}$`),
}));

/** What holds of a request. */
export interface RouteAccess {
  who: Access;
  /** Whose marks the answer follows from; none where it may not be kept. */
  follows: readonly string[];
}

/** Who may use a route, and what its answer follows from; null when no rule names it. */
export function accessTo(method: string, path: string): RouteAccess | null {
  const asked = method === 'HEAD' ? 'GET' : method;
  const bare = path.length > 1 ? path.replace(/\/$/, '') : path;
  for (const rule of compiled) {
    const found = rule.method === asked ? rule.matches.exec(bare) : null;
    if (found) return { who: rule.who, follows: rule.follows?.(found.groups ?? {}) ?? [] };
  }
  return null;
}
