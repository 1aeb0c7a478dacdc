import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { etag } from 'hono/etag';

/** The exported client: hashed files for ever, the page itself asked for anew; unknown paths without an ending get the page. */
export function clientFiles(root: string): Hono {
  const app = new Hono();
  app.use('*', etag(), async (c, next) => {
    await next();
    const forEver = c.req.path.startsWith('/_expo/') || c.req.path.startsWith('/fonts/');
    c.header('cache-control', forEver ? 'public, max-age=31536000, immutable' : 'no-cache');
  });
  app.use('*', serveStatic({ root, precompressed: true }));
  app.get('*', async (c, next) => {
    if (/\.[a-z0-9]+$/i.test(c.req.path)) return next();
    return serveStatic({ root, path: 'index.html', precompressed: true })(c, next);
  });
  return app;
}
