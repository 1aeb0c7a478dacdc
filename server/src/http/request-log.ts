import type { MiddlewareHandler } from 'hono';
import type { Logger } from 'pino';

/** One structured line a request: id, method, path without query, status, milliseconds. */
export function requestLog(log: Logger): MiddlewareHandler {
  return async (c, next) => {
    const from = performance.now();
    await next();
    const level = c.res.status >= 500 ? 'error' : c.req.path.startsWith('/api') ? 'info' : 'debug';
    log[level](
      {
        requestId: c.get('requestId') as string,
        method: c.req.method,
        path: c.req.path,
        status: c.res.status,
        ms: Math.round(performance.now() - from),
      },
      'request',
    );
  };
}
