import { speakerOf } from '@cricket/words';
import { core } from '@cricket/words/de';
import { page } from '@cricket/words/de/page';

/**
 * A module as it is on a page that speaks German: it takes its words when it is first looked at.
 *
 * @example inGerman(() => jest.requireActual<typeof import('./stated-lines')>('./stated-lines'))
 */
export function inGerman<T>(load: () => T): T {
  let loaded: T | undefined;
  jest.isolateModules(() => {
    jest.requireActual<typeof import('./say')>('./say').speakAs(speakerOf('de', core, page));
    loaded = load();
  });
  return loaded!;
}
