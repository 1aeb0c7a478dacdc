import { IntlMessageFormat } from 'intl-messageformat';

import { en } from '../en';
import { allMessages, messageOf } from './catalogue';
import { saidIn, textsIn } from './codes.testing';
import { argumentsOf } from './speaker';

const folders = ['core/src', 'contract/src', 'server/src'];
const there = saidIn(folders);
const english = new Map(allMessages(en));

/** What a message asks for, by the names that are given. */
function asked(message: string): string[] {
  const names = argumentsOf(new IntlMessageFormat(message, 'en', undefined, { ignoreTag: true }).getAst());
  return [...new Set(names.map((name) => name.split('_')[0]!))];
}

const matches = (pattern: string, code: string) =>
  new RegExp(`^${pattern.replaceAll('.', '\\.').replaceAll('*', '[\\w-]+')}$`).test(code);

describe('what core says', () => {
  it('has words, every code of it', () => {
    expect(there.length).toBeGreaterThan(1000);
    const unknown = there.filter(({ code }) =>
      code.includes('*') ? ![...english.keys()].some((each) => matches(code, each)) : messageOf(en, code) === null,
    );
    expect(unknown.map(({ code, at }) => `${at} ${code}`)).toEqual([]);
  });

  it('is said somewhere, every message of it', () => {
    const patterns = there.map(({ code }) => code).filter((code) => code.includes('*'));
    const texts = textsIn(folders);
    const unused = [...english.keys()].filter(
      (code) => !texts.has(code) && !patterns.some((pattern) => matches(pattern, code)),
    );
    expect(unused).toEqual([]);
  });

  it('is told with what its message asks for, neither more nor less', () => {
    const amiss = there.flatMap(({ code, params, at }) => {
      const message = messageOf(en, code);
      if (params === null || message === null) return [];
      const names = asked(message).map((name) =>
        params.includes(name) ? name : name[0]!.toLowerCase() + name.slice(1),
      );
      const [less, more] = [
        names.filter((name) => !params.includes(name)),
        params.filter((name) => !names.includes(name)),
      ];
      return less.length + more.length > 0 ? [`${at} ${code}: lacks ${less.join()}, never told ${more.join()}`] : [];
    });
    expect(amiss).toEqual([]);
  });
});
