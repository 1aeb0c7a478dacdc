export type End = 'front' | 'rear';
export type Side = 'left' | 'right';

/** Where on a bike something is read, chosen, done, ordered or accepted. What concerns all of it is at `bike`. */
export const places = [
  'front-axle',
  'rear-axle',
  'front-brake',
  'rear-brake',
  'bar',
  'cranks',
  'frame',
  'rack',
  'loom',
  'bike',
] as const;
export type Place = (typeof places)[number];

/** The places that take a motor wheel. */
export const axlePlaces = ['front-axle', 'rear-axle'] as const satisfies readonly Place[];
export type AxlePlace = (typeof axlePlaces)[number];

/**
 * The axle of an end.
 *
 * @example axleAt('rear') // 'rear-axle'
 */
export function axleAt(end: End): AxlePlace {
  return `${end}-axle`;
}

/**
 * The end of the bike that a place is the axle of.
 *
 * @returns null for a place that is no axle
 * @example endAt('front-axle') // 'front'
 */
export function endAt(place: Place): End | null {
  return place === 'front-axle' ? 'front' : place === 'rear-axle' ? 'rear' : null;
}

/**
 * The place that a photo shows, by the name of the shot.
 *
 * @example placeShown('witness.front.left') // 'front-axle'
 * @example placeShown('condition') // 'bike'
 */
export function placeShown(about: string): Place {
  const end = /\.(front|rear)(\.|$)/.exec(about)?.[1] as End | undefined;
  return end ? axleAt(end) : 'bike';
}
