import fc from 'fast-check';

import { asWritten, canBeSaid, listed, said, sentences } from '.';

describe('what can be said', () => {
  it('is a code with texts, figures and more of the kind', () => {
    for (const one of [
      said('fit.throttle'),
      said('slot-fit.flats-go-in', { slotMm: 10.1, side: 'left' }),
      asWritten('as it is'),
      sentences([said('a.b'), said('c.d', { all: listed([1, 'two', said('e.f')], 'or') })]),
    ]) {
      expect(canBeSaid(JSON.parse(JSON.stringify(one)))).toBe(true);
    }
  });

  it.each([
    null,
    'words',
    [],
    {},
    { said: 5 },
    { said: 'a.b', with: null },
    { said: 'a.b', with: [] },
    { said: 'a.b', with: 'text' },
    { said: 'a.b', with: { what: null } },
    { said: 'a.b', with: { what: true } },
    { said: 'a.b', with: { what: { said: 'c.d', with: { deep: null } } } },
    { said: 'a.b', with: { what: { list: 'text', joined: 'and' } } },
    { said: 'a.b', with: { what: { list: [null], joined: 'and' } } },
    { said: 'a.b', with: { what: { list: [], joined: 'constructor' } } },
  ])('is not %j', (value) => expect(canBeSaid(value)).toBe(false));

  it('is decided of anything', () => {
    fc.assert(fc.property(fc.jsonValue(), (value) => typeof canBeSaid(value) === 'boolean'));
  });
});
