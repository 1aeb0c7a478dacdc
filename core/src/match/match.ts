import type { Said } from '../said';
import type { EndFacts } from '../end-facts';
import type { End } from '../features';
import { answered, fit, fitOfRecord, type FitInput, type FitReport } from '../fit';
import { costTable, usualHourlyRate, type CostTable } from '../job-cost';
import type { JobEvent } from '../job-events';
import { overridesOf } from '../overrides';
import type { Wheel } from '../parts';
import { severity, worstOf, type Verdict } from '../verdict';

export interface MatchInput extends Omit<FitInput, 'facts' | 'wheel' | 'overrides' | 'taken'> {
  /** What is measured of each end; an end without any reading may be left out. */
  ends: Partial<Record<End, EndFacts>>;
  /** The catalogue. */
  wheels: readonly Wheel[];
  /** What happened to the job: an override counts for the kit and end that it was given for. */
  events?: readonly JobEvent[];
  /** What an hour of work costs, in the workshop's currency; {@link usualHourlyRate} when left out. */
  hourlyRate?: number;
}

/** One kit at one end. */
export interface MatchRow {
  wheel: Wheel;
  end: End;
  report: FitReport;
  /** Kit, battery, parts, tools to buy and work: what it is ranked by. */
  worth: number;
  /** The same by itself. */
  costs: CostTable;
}

/** A kit whose figures no calculator takes: it is one row, and the others stay. */
export interface RefusedKit {
  wheel: Pick<Wheel, 'id' | 'code'>;
  end: End;
  /** Field, value and allowed range. */
  refused: { path: string; message: Said };
}

/** Every kit at both ends, by geometry, not by the label it is sold under; one row at a time, so that a worker can tell how far it is. */
export function* matchEach(input: MatchInput): Generator<MatchRow | RefusedKit> {
  const { ends, wheels, events = [], hourlyRate = usualHourlyRate, ...rest } = input;
  for (const wheel of wheels) {
    for (const end of ['front', 'rear'] as const) {
      const facts = ends[end];
      if (!facts) continue;
      const input = { ...rest, facts, wheel, overrides: overridesOf(events, end, wheel.id) };
      const asked = answered(() => fit(input));
      const report = 'result' in asked ? asked.result : fitOfRecord(input);
      // A kit that cannot be is one refused row; a reading that cannot be is told in every row.
      if ('contradiction' in asked && report.findings.some(({ id }) => id === 'left-out.kit.kit')) {
        const { path, says: message } = asked.contradiction;
        yield { wheel, end, refused: { path, message } };
        continue;
      }
      const costs = costTable([report], report, hourlyRate);
      yield { wheel, end, report, worth: costs.total, costs };
    }
  }
}

/** Best first: verdict, then cost with work, then the kit's code and the end. */
export function ranked(rows: readonly MatchRow[]): MatchRow[] {
  return [...rows].sort(
    (a, b) =>
      severity[a.report.verdict] - severity[b.report.verdict] ||
      a.worth - b.worth ||
      a.wheel.code.localeCompare(b.wheel.code) ||
      a.end.localeCompare(b.end),
  );
}

/**
 * Ids of what stops every kit at every end alike: the bike's own trouble, such as a rack over its rating. No kit is better for it
 * or worse.
 */
export function stopsAll(rows: readonly MatchRow[]): ReadonlySet<string> {
  const [first, ...rest] = rows;
  if (!first || rest.length === 0) return new Set();
  const stops = ({ report }: MatchRow) =>
    new Set(report.findings.filter(({ verdict }) => verdict === 'stop').map(({ id }) => id));
  const others = rest.map(stops);
  return new Set([...stops(first)].filter((id) => others.every((ids) => ids.has(id))));
}

/**
 * Best first by what each kit does itself: what stops all alike is left aside. Otherwise as {@link ranked}. A row's own verdict
 * stays what it is: a kit on a rack over its rating does not go.
 *
 * @param shared - from {@link stopsAll} of the same rows
 */
export function rankedByKit(rows: readonly MatchRow[], shared = stopsAll(rows)): MatchRow[] {
  const own = new Map(rows.map((row) => [row, severity[ownVerdict(row, shared)]]));
  return ranked(rows).sort((a, b) => own.get(a)! - own.get(b)!);
}

/** What a kit does itself, without what stops all alike. */
export function ownVerdict({ report }: MatchRow, shared: ReadonlySet<string>): Verdict {
  return worstOf(report.findings.filter(({ id }) => !shared.has(id)).map(({ verdict }) => verdict));
}

/**
 * Which kit of the catalogue goes on this bike, at which end?
 *
 * Equal to as many `fit` calls, ranked by verdict, then by cost and minutes.
 *
 * @param input - readings of both ends, take-in, catalogue, stores, tools, limits
 * @returns every kit at every end that was measured, best first
 */
export function match(input: MatchInput): MatchRow[] {
  return ranked([...matchEach(input)].filter(isJudged));
}

/** Whether a kit could be judged at all. */
export function isJudged(row: MatchRow | RefusedKit): row is MatchRow {
  return 'report' in row;
}
