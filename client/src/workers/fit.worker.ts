import { fitTwoMotors, type TwoMotorsReport } from '@cricket/core/fit';
import { isJudged, matchEach, ranked, type MatchInput, type MatchRow, type RefusedKit } from '@cricket/core/match';
import { activeEnd } from '@cricket/core/choices';
import { endState, type BikeRecord as CoreRecord, type Workshop } from '@cricket/core/next-action';
import type { BikeRecord, BikeSummary } from '@cricket/contract/shapes';
import { expose } from 'comlink';

import { coreRecord } from '@cricket/contract/core-record';

import { matchLine, type MatchAnswer } from '../match/match-line';

let asked = 0;

/** Works off the page's thread: one end's state, or the whole catalogue with progress. */
const fitWorker = {
  endState,

  /** A bike's row for the list: for what has not reached the server yet. */
  summarise(record: BikeRecord, workshop: Workshop): BikeSummary {
    const core = coreRecord(record);
    const end = activeEnd(core);
    const { wheel, next } = endState(core, end, workshop);
    return { bike: record.bike, end, wheelCode: wheel?.code ?? null, next };
  },

  /** Both ends together, on one battery; null until each has a kit. */
  twoMotors(record: CoreRecord, workshop: Workshop, batteryA: number): TwoMotorsReport | null {
    const front = endState(record, 'front', workshop).fitInput;
    const rear = endState(record, 'rear', workshop).fitInput;
    return front && rear && fitTwoMotors(front, rear, batteryA);
  },

  /**
   * Matches every kit at both ends. A later call, or `cancel`, ends an earlier one between two rows.
   *
   * @returns null when it was ended
   */
  async match(input: MatchInput, onProgress: (done: number, all: number) => void): Promise<MatchAnswer | null> {
    const own = ++asked;
    const all = input.wheels.length * Object.keys(input.ends).length;
    const rows: (MatchRow | RefusedKit)[] = [];
    for (const row of matchEach(input)) {
      rows.push(row);
      if (rows.length % 4 !== 0) continue;
      onProgress(rows.length, all);
      // Lets a cancel through.
      await new Promise((resolve) => setTimeout(resolve));
      if (own !== asked) return null;
    }
    return {
      lines: ranked(rows.filter(isJudged)).map(matchLine),
      refused: rows.filter((row): row is RefusedKit => !isJudged(row)),
    };
  },

  cancel() {
    asked++;
  },
};

export type FitWorker = typeof fitWorker;

expose(fitWorker);
