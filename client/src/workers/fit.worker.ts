import { endState } from '@cricket/core/next-action';
import { expose } from 'comlink';

/** Works out an end's state off the page's thread. */
const fitWorker = { endState };

export type FitWorker = typeof fitWorker;

expose(fitWorker);
