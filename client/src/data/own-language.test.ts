import { languageHere, speakNext } from './own-language';

const kept = new Map<string, string>();
const browser = { language: 'en-GB' };
beforeEach(() => {
  kept.clear();
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    },
  });
  Object.defineProperty(globalThis, 'navigator', { value: browser, configurable: true });
});

describe('the language of this phone', () => {
  it('is that of who had it last', () => {
    kept.set('cricket-language', 'de');
    expect(languageHere()).toBe('de');
  });

  it.each([
    ['de-AT', 'de'],
    ['en-GB', 'en'],
    ['pt', 'en'],
  ])('on a new one is what its browser asks for: %s', (asked, spoken) => {
    browser.language = asked;
    expect(languageHere()).toBe(spoken);
  });

  it('is kept for the next start, also where it is not changed at once', () => {
    expect(speakNext('de', 'later')).toBe(false);
    expect(languageHere()).toBe('de');
  });

  it('stays where nobody says one, and begins nothing anew where it is spoken already', () => {
    kept.set('cricket-language', 'de');
    expect(speakNext(undefined, 'at-once')).toBe(false);
    expect(languageHere()).toBe('de');
    expect(speakNext('en', 'at-once')).toBe(false);
    expect(languageHere()).toBe('en');
  });
});
