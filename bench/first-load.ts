import { createReadStream, existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { extname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, gzipSync } from 'node:zlib';

import type { SessionInfo } from '@cricket/contract/shapes';
import { chromium } from '@playwright/test';

import { chromiumPath } from '../scripts/lib/debian.mjs';

const dist = fileURLToPath(new URL('../client/dist', import.meta.url));
const types: Record<string, string> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.svg': 'image/svg+xml',
  '.woff2': 'font/woff2',
  '.json': 'application/json',
};
const bike = '/bikes/00000003-0000-4000-8000-000000000001';
const routes = [
  '/',
  '/bikes/new',
  bike,
  `${bike}/front/measure`,
  `${bike}/front/fit`,
  `${bike}/front/stack`,
  '/stores',
  '/wheels',
  '/shop',
];

if (!existsSync(join(dist, 'index.html'))) throw new Error('the client is not built; run npm start once');

/** Somebody is at the phone, so that the door is open. */
const somebody: SessionInfo = {
  person: { id: '00000000-0000-4000-8000-000000000001', name: 'Wren', role: 'installer' },
  empty: false,
  demo: false,
};

/** Serves the exported client without a shop behind it: which pieces a page asks for does not depend on the data. */
const server = createServer((request, response) => {
  const path = decodeURIComponent(new URL(request.url!, 'http://x').pathname);
  if (path === '/api/session') {
    response.writeHead(200, { 'content-type': 'application/json' });
    return void response.end(JSON.stringify(somebody));
  }
  if (path.startsWith('/api') || path === '/pieces.json') return void response.writeHead(503).end();
  const file = join(dist, extname(path) ? path : 'index.html');
  if (!existsSync(file)) return void response.writeHead(404).end();
  response.writeHead(200, { 'content-type': types[extname(file)] ?? 'application/octet-stream' });
  return void createReadStream(file).pipe(response);
});
server.listen(0, '127.0.0.1');
await once(server, 'listening');
const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;

const browser = await chromium.launch({
  executablePath: chromiumPath()!,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const kB = (bytes: number) => `${(bytes / 1000).toFixed(0)} kB`.padStart(8);
process.stdout.write('first load by route: JavaScript alone, and everything with styles and fonts\n');
process.stdout.write(
  `${'route'.padEnd(28)}${'JS gzip'.padStart(10)}${'JS brotli'.padStart(11)}${'all gzip'.padStart(10)}${'files'.padStart(7)}\n`,
);
for (const route of routes) {
  const page = await browser.newPage({ serviceWorkers: 'block' });
  const asked = new Set<string>();
  page.on('requestfinished', (request) => asked.add(new URL(request.url()).pathname));
  await page.goto(address + route);
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  await page.waitForLoadState('networkidle');
  await page.close();
  const files = [...asked]
    .map((path) => join(dist, extname(path) ? decodeURIComponent(path) : 'index.html'))
    .filter((file) => existsSync(file));
  const bytes = files.map((file) => ({
    js: extname(file) === '.js',
    body: readFileSync(file),
    font: extname(file) === '.woff2',
  }));
  const sum = (items: typeof bytes, size: (body: Buffer) => number) =>
    items.reduce((total, { body }) => total + size(body), 0);
  const js = bytes.filter((item) => item.js);
  const gzip = sum(js, (body) => gzipSync(body, { level: 9 }).length);
  const brotli = sum(js, (body) => brotliCompressSync(body).length);
  const all =
    gzip +
    sum(
      bytes.filter((item) => !item.js && !item.font),
      (body) => gzipSync(body).length,
    ) +
    sum(
      bytes.filter((item) => item.font),
      (body) => body.length,
    );
  process.stdout.write(
    `${route.replace(bike, '/bikes/…').padEnd(28)}${kB(gzip).padStart(10)}${kB(brotli).padStart(11)}${kB(all).padStart(10)}${String(files.length).padStart(7)}\n`,
  );
}
await browser.close();
server.close();
