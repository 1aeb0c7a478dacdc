import { wrap, type Remote } from 'comlink';

import type { FitWorker } from './fit.worker';

interface Running {
  remote: Remote<FitWorker>;
  /** Rejects when the worker itself breaks: what it was asked would else never be answered. */
  broken: Promise<never>;
}

let running: Running | undefined;

/** Asks the page's one worker for fits, started when it is first needed, and anew after it has broken. */
export function askFitWorker<T>(ask: (worker: Remote<FitWorker>) => Promise<T>): Promise<T> {
  running ??= start();
  return Promise.race([ask(running.remote), running.broken]);
}

function start(): Running {
  const worker = new Worker(new URL('./fit.worker', import.meta.url));
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) => {
      running = undefined;
      worker.terminate();
      reject(new Error(message || 'The fit worker did not start.'));
    });
  });
  // Nobody may be waiting when it breaks.
  broken.catch(() => undefined);
  return { remote: wrap<FitWorker>(worker), broken };
}
