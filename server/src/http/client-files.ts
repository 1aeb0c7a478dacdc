import { serveStatic } from '@hono/node-server/serve-static';
import { Hono, type Context } from 'hono';
import { etag } from 'hono/etag';

/** What the first page shows. */
const askedEarly = ['/api/bikes', '/api/shop/settings']
  .map((path) => `<${path}>; rel=preload; as=fetch; crossorigin`)
  .join(', ');

/**
 * The exported client: hashed files for ever, the page itself asked for anew; unknown paths without an ending get the page.
 *
 * @param isInside - whether somebody is signed in: the first page is then told to ask for the bikes at once, beside its script
 */
export function clientFiles(root: string, isInside: (c: Context) => Promise<boolean>): Hono {
  const app = new Hono();
  app.use('*', etag(), async (c, next) => {
    await next();
    const forEver = c.req.path.startsWith('/_expo/') || c.req.path.startsWith('/fonts/');
    c.header('cache-control', forEver ? 'public, max-age=31536000, immutable' : 'no-cache');
    if (c.req.path === '/' && (await isInside(c))) c.header('link', askedEarly);
  });
  app.use('*', serveStatic({ root, precompressed: true }));
  app.get('*', async (c, next) => {
    if (/\.[a-z0-9]+$/i.test(c.req.path)) return next();
    return serveStatic({ root, path: 'index.html', precompressed: true })(c, next);
  });
  return app;
}
