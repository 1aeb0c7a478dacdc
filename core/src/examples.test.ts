import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

interface Example {
  file: string;
  code: string;
  says: string;
}

const folder = __dirname;

function sourcesBelow(path: string): string[] {
  return readdirSync(path, { withFileTypes: true }).flatMap((entry) => {
    const below = join(path, entry.name);
    if (entry.isDirectory()) return sourcesBelow(below);
    return /\.ts$/.test(entry.name) && !/\.test(ing)?\.ts$/.test(entry.name) ? [below] : [];
  });
}

/** Every example in the docs of a file: what is called, and after `//` what comes out. */
function examplesOf(path: string): Example[] {
  const text = readFileSync(path, 'utf8');
  const blocks = [...text.matchAll(/\/\*\*([\s\S]*?)\*\//g)].map(([, inner]) => inner!.replace(/^\s*\* ?/gm, ''));
  return blocks.flatMap((block) =>
    block
      .split('@example')
      .slice(1)
      .flatMap((example) => {
        const lines = example.split(/\n@/)[0]!.trim().split('\n');
        const at = lines.findIndex((line) => /(^|\s)\/\/ /.test(line));
        if (at < 0) return [];
        const [last, ...rest] = [lines[at]!.split(/(?:^|\s)\/\/ /), ...lines.slice(at + 1)] as [string[], ...string[]];
        const code = [...lines.slice(0, at), last[0]!].join('\n').trim();
        const says = [last[1]!, ...rest.map((line) => line.replace(/^\/\/ /, ''))].join(' ').trim();
        return [{ file: relative(folder, path), code, says }];
      }),
  );
}

const sources = sourcesBelow(folder);
const all = sources.flatMap(examplesOf);
/** Some leave out what would fill a page, some declare a class: those cannot be called as they stand. */
const elided = (text: string) => /…|\.\.\.(?!\w)|^class /.test(text);
const whole = all.filter(({ code }) => !elided(code));

/** Everything that the package's folders and this file export. */
async function scopeOf(file: string): Promise<Record<string, unknown>> {
  const folders = sources.filter((path) => path.endsWith('/index.ts'));
  const modules = await Promise.all([...folders, join(folder, file)].map((path) => import(path)));
  return Object.assign({}, ...modules) as Record<string, unknown>;
}

function evaluated(text: string, scope: Record<string, unknown>): unknown {
  // oxlint-disable-next-line typescript/no-implied-eval -- an example is a line of code; it stands in this repository
  return new Function(...Object.keys(scope), `return (${text.replaceAll('−', '-')});`)(...Object.values(scope));
}

/** A figure is written with as many decimals as matter. */
function asWritten(value: unknown, like: unknown): unknown {
  if (typeof value === 'number' && typeof like === 'number') {
    return Number(value.toFixed(String(like).split('.')[1]?.length ?? 0));
  }
  if (Array.isArray(value) && Array.isArray(like)) return value.map((item, index) => asWritten(item, like[index]));
  if (typeof value !== 'object' || value === null || typeof like !== 'object' || like === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, item]) => [name, asWritten(item, (like as Record<string, unknown>)[name])]),
  );
}

describe('the examples in the docs', () => {
  it('are there, and most can be called as they stand', () => {
    expect(all.length).toBeGreaterThan(40);
    expect(whole.length / all.length).toBeGreaterThan(0.75);
  });

  it.each(whole.map((example) => [example.file, example.code.split('\n')[0], example] as const))(
    'give what they say: %s: %s',
    async (file, _, { code, says }) => {
      const scope = await scopeOf(file);
      const partly = /,? …/.test(says);
      const like = evaluated(says.replace(/,? …/g, ''), scope);
      const value = asWritten(evaluated(code, scope), like);
      if (partly) expect(value).toMatchObject(like as object);
      else expect(value).toEqual(like);
    },
  );
});
