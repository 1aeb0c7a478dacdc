import { wrap, type Remote } from 'comlink';

import type { FitWorker } from './fit.worker';

let worker: Remote<FitWorker> | undefined;

/** The page's one worker for fits, started when it is first needed. */
export function fitWorker(): Remote<FitWorker> {
  worker ??= wrap<FitWorker>(new Worker(new URL('./fit.worker', import.meta.url)));
  return worker;
}
