import { fitTwoMotors, type TwoMotorsReport } from '@cricket/core/fit';
import {
  isJudged,
  matchEach,
  rankedByKit,
  stopsAll,
  type MatchInput,
  type MatchRow,
  type RefusedKit,
} from '@cricket/core/match';
import { arranged, type Arrangement } from '@cricket/core/arrangement';
import { answerCables, type CableAnswer, type CableQuestion } from '@cricket/core/cable-question';
import { handlebar, type HandlebarInput, type HandlebarResult } from '@cricket/core/handlebar';
import { conversionsEach, type Conversions, type ConversionsInput } from '@cricket/core/conversions';
import { jobState } from '@cricket/core/job';
import { roomOfKit, type RoomOfKit } from '@cricket/core/kit-on-bike';
import type { Wheel } from '@cricket/core/parts';
import { openFeatures } from '@cricket/core/end-facts';
import type { End } from '@cricket/core/features';
import { firstLook, type FirstLook } from '@cricket/core/first-look';
import { endState, endVerdict, type BikeRecord as CoreRecord, type Workshop } from '@cricket/core/next-action';
import type { BikeRecord, BikeSummary } from '@cricket/contract/shapes';
import type { BikeFacts } from '@cricket/core/bike-facts';
import type { KitFacts } from '@cricket/core/kit';
import { wholeBike, type RoomStation, type WholeBike } from '@cricket/core/whole-bike';
import { expose } from 'comlink';

import { coreRecord } from '@cricket/contract/core-record';

import { matchLine, soFarLine, type MatchAnswer, type MatchLine } from './match-line';

let asked = 0;

/** Works off the page's thread: one end's state, or the whole catalogue with progress. */
const fitWorker = {
  endState,

  /** A bike's row for the list: for what has not reached the server yet. */
  summarise(record: BikeRecord, workshop: Workshop): BikeSummary {
    const { end, state, next } = jobState(coreRecord(record), workshop);
    return { bike: record.bike, end, wheelCode: state.wheel?.code ?? null, verdict: endVerdict(state), next };
  },

  /** The best orders of everything on a handlebar. */
  arrangeBar(question: HandlebarInput): HandlebarResult {
    return handlebar(question);
  },

  /** Every cable over every movement. */
  runCables(question: CableQuestion): CableAnswer {
    return answerCables(question);
  },

  /** Everything besides the axles, and where two want the same thing. */
  wholeBike(facts: BikeFacts, kits: readonly KitFacts[]): WholeBike {
    return wholeBike(facts, kits);
  },

  /** How a station is to be built, with what it is judged by; null while nothing is written down of it. */
  arranged(station: RoomStation, facts: BikeFacts, kits: readonly KitFacts[]): Arrangement | null {
    return arranged(station, facts, kits);
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
  async match(
    input: MatchInput & { chosen: readonly string[] },
    onProgress: (done: number, all: number) => void,
  ): Promise<MatchAnswer | null> {
    const own = ++asked;
    const all = input.wheels.length * Object.keys(input.ends).length;
    const rows: (MatchRow | RefusedKit)[] = [];
    const looks = new Map<MatchRow, Exclude<FirstLook, { so: 'measured' }>>();
    const open = (end: End) => openFeatures(input.ends[end]!).length > 0;
    for (const row of matchEach(input)) {
      rows.push(row);
      // Before everything is measured: a verdict so far.
      if (isJudged(row) && open(row.end)) {
        const look = firstLook({ ...input, facts: input.ends[row.end]!, wheel: row.wheel });
        if (look.so !== 'measured') looks.set(row, look);
      } else if (rows.length % 4 !== 0) continue;
      onProgress(rows.length, all);
      // Lets a cancel through.
      await new Promise((resolve) => setTimeout(resolve));
      if (own !== asked) return null;
    }
    const judged = rows.filter(isJudged);
    // A kit does the same besides the axles, whichever end it is at.
    const rooms = new Map<string, RoomOfKit[]>();
    const roomOf = ({ id, kit }: Wheel) => {
      const room = rooms.get(id) ?? (kit ? roomOfKit(input.bike, kit, input.chosen.includes(id)) : []);
      rooms.set(id, room);
      return room;
    };
    const shared = stopsAll(judged);
    return {
      lines: mayGoFirst(
        rankedByKit(judged, shared).map((row) => {
          const look = looks.get(row);
          const line = look ? soFarLine(row, look) : matchLine(row, shared);
          return { ...line, room: roomOf(row.wheel) };
        }),
      ),
      refused: rows.filter((row): row is RefusedKit => !isJudged(row)),
    };
  },

  /**
   * The three best ways to build a bike, over the whole catalogue. A later search, or `cancel`, ends an earlier one between two
   * kits.
   *
   * @returns null when it was ended
   */
  async ways(input: ConversionsInput, onProgress: (done: number, all: number) => void): Promise<Conversions | null> {
    const own = ++asked;
    const each = conversionsEach(input);
    for (;;) {
      const next = each.next();
      if (next.done) return next.value;
      const { done, all } = next.value;
      if (done % 2 !== 0) continue;
      onProgress(done, all);
      // Lets a cancel through.
      await new Promise((resolve) => setTimeout(resolve));
      if (own !== asked) return null;
    }
  },

  cancel() {
    asked++;
  },
};

/** What may go stands before what stops for certain, at the axle or besides it; else the order stays. */
function mayGoFirst(lines: readonly MatchLine[]): MatchLine[] {
  const stops = ({ own, room }: MatchLine) =>
    own === 'stop' ? 2 : Number(room.some(({ verdict }) => verdict === 'stop'));
  return [...lines].sort((a, b) => stops(a) - stops(b));
}

export type FitWorker = typeof fitWorker;

expose(fitWorker);
