import type { End } from '@cricket/core/model';

/** An address that one of the functions here has put together: no other text leads anywhere. */
export type MadePage = string & { readonly madeBy: 'pages' };

/** Pages that need nothing to be found. */
export const fixedPages = [
  '/',
  '/bikes/new',
  '/stores',
  '/stores/new',
  '/wheels',
  '/wheels/new',
  '/files',
  '/open',
  '/limits',
  '/units',
  '/tools',
  '/people',
  '/shop',
] as const;

/** Where a link may lead. The router takes nothing else. */
export type Page = (typeof fixedPages)[number] | MadePage;

/** Pages of an end, in the order of the work. */
export const stations = [
  'measure',
  'match',
  'wheel',
  'kit',
  'order',
  'fit',
  'lock',
  'gears',
  'lacing',
  'truing',
  'stack',
  'template',
] as const;
export type Station = (typeof stations)[number];

/** What is asked of a page beside its path; what is undefined is left out. */
function withQuery(path: string, query: Readonly<Record<string, string | undefined>> = {}): MadePage {
  const given = Object.entries(query).flatMap(([name, value]) =>
    value === undefined ? [] : [`${name}=${encodeURIComponent(value)}`],
  );
  return `${path}${given.length > 0 ? `?${given.join('&')}` : ''}` as MadePage;
}

export const bikePath = (bikeId: string) => withQuery(`/bikes/${bikeId}`);
export const editBikePath = (bikeId: string) => withQuery(`/bikes/${bikeId}/edit`);
export const takeInPath = (bikeId: string) => withQuery(`/bikes/${bikeId}/take-in`);
export const standPath = (bikeId: string, stepId?: string) => withQuery(`/bikes/${bikeId}/stand`, { step: stepId });
export const secondLookPath = (bikeId: string) => withQuery(`/bikes/${bikeId}/stand`, { look: 'second' });
export const claimPath = (bikeId: string, end: End) => withQuery(`/bikes/${bikeId}/claim`, { end });
export const putBackPath = (bikeId: string) => withQuery(`/bikes/${bikeId}/put-back`);
export const journalPath = (bikeId: string) => withQuery(`/bikes/${bikeId}/journal`);
/** @param of - `room`, `new`, or the name of a part */
export const barPath = (bikeId: string, of?: string) => withQuery(`/bikes/${bikeId}/bar`, { of });
export const cranksPath = (bikeId: string, of?: 'figures') => withQuery(`/bikes/${bikeId}/cranks`, { of });
export type BayPageOf = 'tubes' | 'bosses' | 'legs' | 'pack' | 'rack' | 'controller';
export const bayPath = (bikeId: string, of?: BayPageOf) => withQuery(`/bikes/${bikeId}/bay`, { of });
/** A thing in the frame; a new one where no name is given. */
export const bayThingPath = (bikeId: string, thing?: string) =>
  withQuery(`/bikes/${bikeId}/bay`, { of: 'thing', thing });
export type PowerPageOf = 'pack' | 'controller' | 'charger';
export const powerPath = (bikeId: string, of?: PowerPageOf) => withQuery(`/bikes/${bikeId}/power`, { of });
/** An element on the way of the current, counted from the battery on; a new one where no number is given. */
export const powerElementPath = (bikeId: string, at?: number) =>
  withQuery(`/bikes/${bikeId}/power`, { of: 'element', at: at === undefined ? undefined : String(at) });
/** Something fed from the pack, by its name; a new thing where none is given. */
export const powerAccessoryPath = (bikeId: string, id?: string) =>
  withQuery(`/bikes/${bikeId}/power`, { of: 'accessory', at: id });
export type CablesPageOf = 'steering' | 'turning' | 'extensions';
export const cablesPath = (bikeId: string, of?: CablesPageOf) => withQuery(`/bikes/${bikeId}/cables`, { of });
export const cableThings = ['place', 'cable', 'disc', 'pose'] as const;
export type CableThing = (typeof cableThings)[number];
/** A place, a cable, something that turns, a folded pose, by its name; a new one where none is given. */
export const cableThingPath = (bikeId: string, of: CableThing, id?: string) =>
  withQuery(`/bikes/${bikeId}/cables`, { of, id });
export const leversPath = (bikeId: string, of?: 'figures') => withQuery(`/bikes/${bikeId}/levers`, { of });
export const wiringThings = ['plug', 'adapter'] as const;
export type WiringThing = (typeof wiringThings)[number];
export const wiringPath = (bikeId: string) => withQuery(`/bikes/${bikeId}/wiring`);
/** A plug or an adapter, by its name; a new one where none is given. */
export const wiringThingPath = (bikeId: string, of: WiringThing, id?: string) =>
  withQuery(`/bikes/${bikeId}/wiring`, { of, id });
export const waysPath = (bikeId: string) => withQuery(`/bikes/${bikeId}/ways`);
export const roomPath = (bikeId: string) => withQuery(`/bikes/${bikeId}/room`);
export const bothPath = (bikeId: string) => withQuery(`/bikes/${bikeId}/both`);
export const endPath = (bikeId: string, end: End, station: Station) => withQuery(`/bikes/${bikeId}/${end}/${station}`);
export const measurePath = (bikeId: string, end: End, featureId?: string) =>
  withQuery(`/bikes/${bikeId}/${end}/measure`, { feature: featureId });
/** The few readings of a first look, one after another; then the kits so far. */
export const firstLookPath = (bikeId: string, end: End, featureId?: string) =>
  withQuery(`/bikes/${bikeId}/${end}/measure`, { look: 'first', feature: featureId });
/** A line of the catalogue; whoever comes from a bike goes back to it. */
export const wheelPath = (wheelId: string, bikeId?: string, end?: End) =>
  withQuery(`/wheels/${wheelId}`, { bike: bikeId, end });
export const newWheelPath = (bikeId: string, end: End) => withQuery('/wheels/new', { bike: bikeId, end });
export const measureWheelPath = (wheelId: string) => withQuery(`/wheels/${wheelId}/measure`);
/** A new line like this one. */
export const likeWheelPath = (wheelId: string) => withQuery('/wheels/new', { like: wheelId });
export const storeItemPath = (itemId: string) => withQuery(`/stores/${itemId}`);
/** A new line for a part that is left over of a bike's kit; then back to where it was left out. */
export const leftoverPath = (bikeId: string, end: End, part: string, from: 'stand' | 'put-back') =>
  withQuery('/stores/new', { bike: bikeId, end, part, from });
export const likeStoreItemPath = (itemId: string) => withQuery('/stores/new', { like: itemId });
