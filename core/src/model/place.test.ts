import { axleAt, axlePlaces, endAt, places, placeShown } from './place';

describe('a place', () => {
  it('is an axle of one end, or of none', () => {
    for (const end of ['front', 'rear'] as const) expect(endAt(axleAt(end))).toBe(end);
    for (const place of places) expect(endAt(place) !== null).toBe((axlePlaces as readonly string[]).includes(place));
  });

  it.each([
    ['witness.front.left', 'front-axle'],
    ['witness-after.rear', 'rear-axle'],
    ['approval.front', 'front-axle'],
    ['condition', 'bike'],
    ['frontal', 'bike'],
  ])('is what a photo of %s shows: %s', (about, place) => expect(placeShown(about)).toBe(place));
});
