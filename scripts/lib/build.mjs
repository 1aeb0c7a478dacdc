import { createHash } from 'node:crypto';
import { cpSync, existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { extname, join, relative } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

import { root } from './root.mjs';
import { run } from './run.mjs';
import { say } from './say.mjs';

const clientDist = join(root, 'client', 'dist');

/** Builds client and server, each only when its sources have changed since the last time. */
export async function build() {
  copyFonts();
  await once(
    'client',
    ['client', 'core/src', 'contract/src', 'words', 'package-lock.json', 'scripts/lib/build.mjs'],
    buildClient,
  );
  await buildServerOnly();
}

/** A second's work, and all that a test of a real server needs. */
export async function buildServerOnly() {
  await once(
    'server',
    ['server/src', 'core/src', 'contract/src', 'words', 'package-lock.json', 'scripts/lib/build.mjs'],
    buildServer,
  );
}

/** The shipped fonts, from their packages to where the page asks for them. */
export function copyFonts() {
  const target = join(root, 'client', 'public', 'fonts');
  mkdirSync(target, { recursive: true });
  const files = [
    ['atkinson-hyperlegible', 400],
    ['atkinson-hyperlegible', 700],
    ['barlow-condensed', 500],
    ['barlow-condensed', 600],
  ].flatMap(([family, weight]) =>
    ['latin', 'latin-ext'].map((set) => `@fontsource/${family}/files/${family}-${set}-${weight}-normal.woff2`),
  );
  for (const file of files) {
    const name = file.split('/').pop();
    if (!existsSync(join(target, name))) cpSync(join(root, 'node_modules', file), join(target, name));
  }
}

function buildClient() {
  say('building the client (up to two minutes the first time)');
  rmSync(clientDist, { recursive: true, force: true });
  run('npx', ['--no-install', 'expo', 'export', '--platform', 'web', '--output-dir', 'dist'], {
    cwd: join(root, 'client'),
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' },
  });
  // What a page may load later: fetched while the server is there, so that every page opens when it is not.
  const files = filesBelow(clientDist).map(urlOf);
  writeFileSync(
    join(clientDist, 'pieces.json'),
    JSON.stringify(files.filter((file) => /^\/(_expo\/static\/js|fonts)\//.test(file))),
  );
  askEarly();
  compileOnTheWay();
  writeServiceWorker();
  for (const file of filesBelow(clientDist)) compress(file);
}

/** Who is here is asked for beside the script, not once it has run: on a poor line that is a way there and back. */
function askEarly() {
  const page = join(clientDist, 'index.html');
  const asked = '<link rel="preload" href="/api/session" as="fetch" crossorigin>';
  const html = readFileSync(page, 'utf8');
  if (!html.includes('</head>')) throw new Error('the page has no head to ask early in');
  writeFileSync(page, html.replace('</head>', `${asked}</head>`));
}

/**
 * Tells the browser to compile the script of the first page while it is still arriving. Otherwise it reads each function twice, the
 * second time when it is called and somebody waits. Browsers that do not know this take it for the remark that it is.
 */
function compileOnTheWay() {
  // By what the page asks for: the words of a language are in files of the same name.
  const html = readFileSync(join(clientDist, 'index.html'), 'utf8');
  const first = html.match(/src="\/(_expo\/static\/js\/web\/index-[0-9a-f]+\.js)"/)?.[1];
  if (!first) throw new Error('the first page has no script');
  const script = join(clientDist, first);
  writeFileSync(script, `//# allFunctionsCalledOnLoad\n${readFileSync(script, 'utf8')}`);
}

/** The worker that opens the app without network: every piece of it, and the photos that were looked at. */
function writeServiceWorker() {
  const pieces = filesBelow(clientDist)
    .filter((file) => /\.(js|css|html|svg|woff2|webmanifest)$|[/]pieces\.json$/.test(file))
    .map((file) => {
      const url = urlOf(file);
      // Names under _expo carry their hash: the browser's own cache may answer for them.
      const revision = url.startsWith('/_expo/') ? null : createHash('sha256').update(readFileSync(file)).digest('hex');
      return { url, revision };
    });
  esbuild(
    'client/service-worker/service-worker.ts',
    '--minify',
    '--target=es2020',
    '--outfile=client/dist/sw.js',
    '--define:process.env.NODE_ENV="production"',
    `--define:PIECES=${JSON.stringify(pieces)}`,
  );
}

/** Ready-made gzip and brotli beside each text file, so that the server compresses nothing on the way out. */
function compress(file) {
  if (!['.js', '.css', '.html', '.json', '.svg'].includes(extname(file))) return;
  const bytes = readFileSync(file);
  writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }));
  writeFileSync(`${file}.br`, brotliCompressSync(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }));
}

/** Packages that read files of their own, or that are no JavaScript; pg-native is what pg would take if it were there. */
const leftOutside = ['@fontsource/*', '@node-rs/argon2', 'pdfmake', 'pg-native', 'sharp', 'tinypool'];

/** One file with all that the server calls: to look for a thousand files of its packages took it half as long again to start. */
function buildServer(digest) {
  say('building the server');
  esbuild(
    'main=server/src/main.ts',
    // What takes long runs in a thread of its own, from a file of its own.
    'worker=server/src/heavy/worker.ts',
    'summary-worker=server/src/heavy/summary-worker.ts',
    '--platform=node',
    '--format=esm',
    '--target=node20',
    '--sourcemap',
    '--tsconfig=server/tsconfig.json',
    '--outdir=server/dist',
    '--out-extension:.js=.mjs',
    // Packages of the older kind ask for Node's own modules by a word that newer files do not have.
    "--banner:js=import { createRequire as requireFor } from 'node:module'; const require = requireFor(import.meta.url);",
    // A program of other sources may judge otherwise: what this one has worked out is kept under its name.
    `--define:PROGRAM="${digest.slice(0, 16)}"`,
    ...leftOutside.map((name) => `--external:${name}`),
  );
}

/** Under which the page asks for a file that was built for it. */
const urlOf = (file) => `/${relative(clientDist, file)}`;

/** Bundles by what stands in the arguments; an error ends the build. */
const esbuild = (...args) =>
  run('npx', ['--no-install', 'esbuild', '--bundle', '--log-level=warning', ...args], { cwd: root });

async function once(name, sources, make) {
  const hash = createHash('sha256');
  for (const source of sources) {
    for (const file of filesBelow(join(root, source))) {
      hash.update(relative(root, file)).update(readFileSync(file));
    }
  }
  const digest = hash.digest('hex');
  const mark = join(root, '.cache', `built-${name}`);
  const output = name === 'client' ? join(clientDist, 'index.html') : join(root, 'server', 'dist', 'main.mjs');
  if (existsSync(mark) && existsSync(output) && readFileSync(mark, 'utf8') === digest) return;
  await make(digest);
  mkdirSync(join(root, '.cache'), { recursive: true });
  writeFileSync(mark, digest);
}

const left = new Set(['node_modules', 'dist', '.expo', 'fonts', 'expo-env.d.ts', 'nativewind-env.d.ts']);

function filesBelow(path) {
  if (statSync(path).isFile()) return [path];
  return (
    readdirSync(path, { withFileTypes: true })
      .filter((entry) => path.startsWith(clientDist) || !left.has(entry.name))
      // A changed test changes nothing that is built.
      .filter((entry) => !/\.test(ing)?\.tsx?$/.test(entry.name))
      .sort((a, b) => (a.name < b.name ? -1 : 1))
      .flatMap((entry) => filesBelow(join(path, entry.name)))
  );
}
