import { readFileSync } from 'node:fs';
import { join } from 'node:path';

import { calculators } from './calculators';
import { pages, rounded, schema } from './pages';
import { inEnglish } from '../src/english.testing';

const docs = join(__dirname, '..', '..', 'docs');
const names = Object.keys(calculators);
const read = (path: string) => readFileSync(join(docs, path), 'utf8');

describe('the pages about the calculators', () => {
  it.each(names)('replay the worked example of %s', (name) => {
    const [input, output] = [...read(`calculators/${name}.md`).matchAll(/```json\n([\s\S]*?)\n```/g)].map(([, json]) =>
      JSON.parse(json!),
    );
    expect(rounded(inEnglish(calculators[name]!.run(input as never)))).toEqual(output);
  });

  it.each(names)('publish the contract of %s as it is', (name) => {
    expect(JSON.parse(read(`calculators/schema/${name}.json`))).toEqual(JSON.parse(schema(name)));
  });

  it('are written from the code as it stands', () => {
    for (const [path, text] of Object.entries(pages())) expect(read(path)).toBe(text);
  });
});
