import { IntlMessageFormat } from 'intl-messageformat';

import { core as coreInGerman } from '../de/core';
import { page as pageInGerman } from '../de/page';
import { sheet as sheetInGerman } from '../de/sheet';
import { core } from '../en/core';
import { page } from '../en/page';
import { sheet } from '../en/sheet';
import { allMessages, messageOf, type Messages } from './catalogue';
import { messagesIn, phrasesIn, saidIn, textsIn } from './codes.testing';
import { argumentsOf } from './speaker';

/** What a message asks for, by the names that are given. */
function asked(message: string): string[] {
  const names = argumentsOf(new IntlMessageFormat(message, 'en', undefined, { ignoreTag: true }).getAst());
  return [...new Set(names.map((name) => name.split('_')[0]!))];
}

/** What an argument is called where it is given. */
const given = (name: string) => name.charAt(0).toLowerCase() + name.slice(1);

const matches = (pattern: string, code: string) =>
  new RegExp(`^${pattern.replaceAll('.', '\\.').replaceAll('*', '[\\w-]+')}$`).test(code);

const sayers = ['core/src', 'contract/src', 'server/src'];

describe.each([
  ['what core says', core as Messages, sayers, saidIn(sayers)],
  ['what the page says of itself', page as Messages, ['client/src'], phrasesIn(['client/src'])],
  [
    'what the sheets say of themselves',
    sheet as Messages,
    ['server/src/documents'],
    messagesIn(['server/src/documents']),
  ],
])('%s', (_, messages, folders, there) => {
  const codes = allMessages(messages).map(([code]) => code);

  it('has words, every code of it', () => {
    expect(there.length).toBeGreaterThan(codes.length / 3);
    const unknown = there.filter(({ code }) =>
      code.includes('*') ? !codes.some((each) => matches(code, each)) : messageOf(messages, code) === null,
    );
    expect(unknown.map(({ code, at }) => `${at} ${code}`)).toEqual([]);
  });

  it('is said somewhere, every message of it', () => {
    const patterns = there.map(({ code }) => code).filter((code) => code.includes('*'));
    const said = new Set([...there.map(({ code }) => code), ...textsIn(folders)]);
    expect(codes.filter((code) => !said.has(code) && !patterns.some((pattern) => matches(pattern, code)))).toEqual([]);
  });

  it('is told with what its message asks for, neither more nor less', () => {
    const amiss = there.flatMap(({ code, params, at }) => {
      const message = messageOf(messages, code);
      if (params === null || message === null) return [];
      const names = asked(message).map((name) =>
        params.includes(name) ? name : name[0]!.toLowerCase() + name.slice(1),
      );
      const less = names.filter((name) => !params.includes(name));
      const more = params.filter((name) => !names.includes(name));
      return less.length + more.length > 0 ? [`${at} ${code}: lacks ${less.join()}, never told ${more.join()}`] : [];
    });
    expect(amiss).toEqual([]);
  });
});

describe.each([
  ['what core says', core as Messages, coreInGerman as Messages],
  ['what the page says of itself', page as Messages, pageInGerman as Messages],
  ['what the sheets say of themselves', sheet as Messages, sheetInGerman as Messages],
])('%s, in German', (_, english, german) => {
  const told = new Map(allMessages(german));

  it('has the same codes', () => {
    expect([...told.keys()].sort()).toEqual(
      allMessages(english)
        .map(([code]) => code)
        .sort(),
    );
  });

  it('leaves nothing out that English tells, and asks for nothing more', () => {
    const names = (message: string) => [...new Set(asked(message).map(given))].sort();
    const amiss = allMessages(english).filter(
      ([code, message]) => names(message).join() !== names(told.get(code) ?? '').join(),
    );
    expect(amiss).toEqual([]);
  });

  it('is no copy: where words are left as they are, they are the same in both', () => {
    const same = allMessages(english).filter(
      ([code, message]) => /[a-z]{4}/.test(message.replace(/\{[^}]*\}/g, '')) && told.get(code) === message,
    );
    expect(same.length / told.size).toBeLessThan(0.03);
  });
});
