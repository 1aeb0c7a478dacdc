import { listed, said, asWritten, sentences } from '@cricket/core/said';

import { inWords } from './in-words';
import { speakerOf } from './speaker';

const messages = {
  slot: {
    narrow: 'The slot is {shortMm, number, mm} under the flats.',
    sides: '{count, plural, one {# side} other {# sides}}: {sides}',
    missing: '{What} is not measured; measure {what}.',
    beside: 'On the left, {because_lower}',
    width: 'the slot width',
    hub: '{hub_key, select, six_bolt {six bolts} other {splines}}',
  },
  said: { sentences: '{all}', 'as-written': '{text}' },
};
const { say, list, message } = speakerOf('en', messages, messages);

describe('a speaker', () => {
  it('tells what comes from elsewhere as far as it can, rather than nothing at all', () => {
    expect(say(said('slot.of-a-later-version'))).toBe('⟨slot.of-a-later-version⟩');
    expect(say(said('slot.narrow'))).toBe('The slot is  under the flats.');
    expect(say(said('slot.narrow', { shortMm: 'some' }))).toBe('The slot is some under the flats.');
  });

  it('tells figures as short as they are, with their unit', () => {
    expect(say(said('slot.narrow', { shortMm: 0.30000000000000004 }))).toBe('The slot is 0.3 mm under the flats.');
    expect(say(said('slot.narrow', { shortMm: 12 }))).toBe('The slot is 12 mm under the flats.');
  });

  it('counts by the rules of the language, and joins what stands together', () => {
    const sides = (...names: string[]) => say(said('slot.sides', { count: names.length, sides: listed(names) }));
    expect(sides('left')).toBe('1 side: left');
    expect(sides('left', 'right', 'middle')).toBe('3 sides: left, right and middle');
    expect(speakerOf('de', messages).list(['links', 'rechts'])).toBe('links und rechts');
    expect(list(['a', 'b'], 'or')).toBe('a or b');
  });

  it('begins a sentence with a capital, and goes on with a small letter', () => {
    expect(say(said('slot.missing', { what: said('slot.width') }))).toBe(
      'The slot width is not measured; measure the slot width.',
    );
    expect(say(said('slot.beside', { because: asWritten('The slot is narrow.') }))).toBe(
      'On the left, the slot is narrow.',
    );
    expect(say(said('slot.beside', { because: asWritten('M12 nuts.') }))).toBe('On the left, M12 nuts.');
  });

  it('goes by names with hyphens', () => {
    expect(message('slot.hub', { hub: 'six-bolt' })).toBe('six bolts');
  });

  it('leaves what was written as it is, and names what it has no words for', () => {
    expect(say('an old sentence')).toBe('an old sentence');
    expect(say(asWritten("it's {odd}"))).toBe("it's {odd}");
    expect(say(said('nowhere.said', { a: 1 }))).toBe('⟨nowhere.said⟩');
    expect(say(said('constructor'))).toBe('⟨constructor⟩');
  });

  it('says everything that lies in data', () => {
    const one = said('slot.width');
    expect(inWords({ findings: [{ id: 'x', because: one, at: null }], all: sentences([one, one]) }, { say })).toEqual({
      findings: [{ id: 'x', because: 'the slot width', at: null }],
      all: 'the slot width the slot width',
    });
  });
});
