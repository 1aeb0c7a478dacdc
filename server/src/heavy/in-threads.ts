import type { Logger } from 'pino';
import { Tinypool } from 'tinypool';

import { errorForLog } from '../problem/error-for-log';
import { ProblemError } from '../problem/problem';
import type { Heavy } from './heavy';
import type { Told } from './told';

/**
 * The same work in a thread of its own, one after the other: meanwhile everybody else is answered. The thread ends when there
 * is nothing to do for a while, and what it held is free again. What it may take is held by the number of values that a body may
 * have: a thread at a limit of its own takes the process along.
 */
export function inThreads(workers: { sheets: URL; summaries: URL }, log: Logger): Heavy {
  const pool = (worker: URL, isolateWorkers: boolean) => {
    const threads = new Tinypool({
      filename: worker.href,
      minThreads: 0,
      maxThreads: 1,
      idleTimeout: 20_000,
      isolateWorkers,
    });
    // A thread that dies between two pieces of work takes nobody's answer along: the next gets a new one.
    threads.on('error', (error: unknown) => log.error(errorForLog(error), 'a thread ended'));
    return async <T>(name: keyof Heavy, args: unknown[], transferList: ArrayBuffer[] = []): Promise<T> => {
      const told = (await threads.run(args, { name, transferList })) as Told<T>;
      if ('refusal' in told) throw new ProblemError(...told.refusal);
      return told.answer;
    };
  };
  const run = pool(workers.sheets, false);
  // With the thread goes all that a large file took.
  const runOnce = pool(workers.sheets, true);
  // The list waits for no sheet.
  const runSummaries = pool(workers.summaries, false);
  return {
    summaries: (source) => runSummaries('summaries', [source]),
    jobSheet: (source) => run('jobSheet', [source]),
    stackCard: (source) => run('stackCard', [source]),
    readJobFile: (bytes) => runOnce('readJobFile', [bytes], [bytes.buffer]),
  };
}
