import { said } from '@cricket/core/said';
import { Hono } from 'hono';
import { getCookie } from 'hono/cookie';
import { streamSSE } from 'hono/streaming';

import type { ChangeFeed, Heard } from '../data/change-feed';
import type { Sessions } from '../people/sessions';
import { ProblemError } from '../problem/problem';

/** Most phones that one server tells. */
const mostListeners = 400;

/** How often a silent stream says that it is still there, and looks whether its session still is. */
const stillHereMs = 20_000;

/**
 * Tells a phone what has changed, whoever changed it through whichever server: `change` with the subject (`bike:ID`,
 * `wheels`, `stores`, `settings`, `people`) and the write's id, and `missed` after a gap. What it is, the phone then reads.
 */
export function changes(feed: ChangeFeed | null, sessions: Sessions, cookie: string): Hono {
  const app = new Hono();
  app.get('/', (c) => {
    if (!feed || feed.closed || feed.size >= mostListeners) {
      throw new ProblemError(503, 'unavailable', said('problem.no-changes'));
    }
    const token = getCookie(c, cookie);
    return streamSSE(c, async (stream) => {
      const waiting: Heard[] = [];
      let wake: () => void = () => undefined;
      const leave = feed.listen((heard) => {
        waiting.push(heard);
        wake();
      });
      stream.onAbort(() => wake());
      try {
        await stream.writeSSE({ event: 'hello', data: '' });
        while (!stream.aborted && !feed.closed) {
          if (waiting.length === 0) await roused((rouse) => (wake = rouse));
          const heard = waiting.splice(0);
          for (const one of heard) {
            await stream.writeSSE(
              one === 'missed' ? { event: 'missed', data: '' } : { event: 'change', data: JSON.stringify(one) },
            );
          }
          if (heard.length > 0) continue;
          if (!(await sessions.find(token))) return;
          await stream.write(': still here\n\n');
        }
      } finally {
        leave();
      }
    });
  });
  return app;
}

/** Until something is heard, or it has been silent for a while. */
function roused(listen: (rouse: () => void) => void): Promise<void> {
  return new Promise((resolve) => {
    const timer = setTimeout(resolve, stillHereMs);
    listen(() => {
      clearTimeout(timer);
      resolve();
    });
  });
}
