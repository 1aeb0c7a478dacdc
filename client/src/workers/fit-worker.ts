import { wrap, type Remote } from 'comlink';

import type { FitWorker } from './fit.worker';

interface Running {
  remote: Remote<FitWorker>;
  /** Rejects when the worker itself breaks: what it was asked would else never be answered. */
  broken: Promise<never>;
}

let running: Running | undefined;

/** The worker's script did not come: the network was gone for a moment, or the page is being left. */
class NotStartedError extends Error {
  override readonly name = 'NotStartedError';
}

const mostStarts = 3;

/** Asks the page's one worker for fits, started when it is first needed, and anew after it has broken. */
export async function askFitWorker<T>(ask: (worker: Remote<FitWorker>) => Promise<T>): Promise<T> {
  for (let starts = 1; ; starts++) {
    running ??= start();
    const { remote, broken } = running;
    try {
      return await Promise.race([ask(remote), broken]);
    } catch (error) {
      if (!(error instanceof NotStartedError) || starts === mostStarts) throw error;
      await new Promise((resolve) => setTimeout(resolve, 400 * starts));
    }
  }
}

function start(): Running {
  const worker = new Worker(new URL('./fit.worker', import.meta.url));
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) => {
      running = undefined;
      worker.terminate();
      // What breaks inside the script says what; a script that did not come says nothing.
      reject(message ? new Error(message) : new NotStartedError('The fit worker did not start.'));
    });
  });
  // Nobody may be waiting when it breaks.
  broken.catch(() => undefined);
  return { remote: wrap<FitWorker>(worker), broken };
}
