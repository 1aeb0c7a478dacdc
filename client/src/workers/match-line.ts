import type { End } from '@cricket/core/features';
import type { FirstLook } from '@cricket/core/first-look';
import type { FitFinding } from '@cricket/core/fit';
import type { CostTable } from '@cricket/core/job-cost';
import type { RoomOfKit } from '@cricket/core/kit-on-bike';
import { ownVerdict, type MatchRow, type RefusedKit } from '@cricket/core/match';
import type { Verdict } from '@cricket/core/verdict';

/** One kit at one end, as far as the page shows it. */
export interface MatchLine {
  wheelId: string;
  code: string;
  end: End;
  verdict: Verdict;
  /** What it does itself, without what stops every kit alike. */
  own: Verdict;
  /** Brakes that its wheel can have. */
  brakes: readonly ('rim' | 'disc')[];
  /** What decides, worst first. */
  findings: FitFinding[];
  /** Kit, battery, parts, tools and work. */
  costs: CostTable;
  leadDays: number;
  peakTorqueNm: number | null;
  safety: number | null;
  firstTimeRight: number | null;
  toGet: number;
  /** Before everything is measured: ids of the readings that could still stop it; null once all is read, or it stops. */
  couldStop: readonly string[] | null;
  /** How many of its figures are a pattern's. */
  unmeasured: number;
  /** How it does besides the axles. */
  room: RoomOfKit[];
}

/** A row of the match, trimmed for the page. */
export function matchLine(row: MatchRow, shared: ReadonlySet<string> = new Set()): MatchLine {
  const { wheel, end, report, costs } = row;
  return {
    wheelId: wheel.id,
    code: wheel.code,
    end,
    verdict: report.verdict,
    own: ownVerdict(row, shared),
    brakes: [
      ...(wheel.kit?.rim?.brakeTrack ? ['rim' as const] : []),
      ...(wheel.kit?.hub.rotor ? ['disc' as const] : []),
    ],
    findings: report.findings.filter(({ verdict }) => verdict !== 'goes').slice(0, 8),
    costs,
    leadDays: report.leadDays,
    peakTorqueNm: report.motor?.peakTorqueNm ?? null,
    safety: report.torque?.safety ?? null,
    firstTimeRight: report.stack?.stacks[0]?.firstTimeRight ?? null,
    toGet: report.shopping.length,
    couldStop: null,
    unmeasured: wheel.kit?.unmeasured?.length ?? 0,
    room: [],
  };
}

/** What a match answers: kits judged, best first, and kits whose figures nobody can work with. */
export interface MatchAnswer {
  lines: MatchLine[];
  refused: RefusedKit[];
}

/** The same from a few readings: what stops for certain, or what still could. */
export function soFarLine(row: MatchRow, look: Exclude<FirstLook, { so: 'measured' }>): MatchLine {
  const line = matchLine(row);
  if (look.so === 'stops') return { ...line, verdict: 'stop', own: 'stop', findings: [look.finding] };
  return { ...line, verdict: 'unknown', own: 'unknown', findings: [], couldStop: look.couldStop.map(({ id }) => id) };
}

/** Of the readings that could still stop kits, the one that could stop most of them; null when there is none. */
export function tellingReading(lines: readonly MatchLine[]): { end: End; feature: string; kits: number } | null {
  const counts = new Map<string, { end: End; feature: string; kits: number }>();
  for (const { end, couldStop } of lines) {
    for (const feature of couldStop ?? []) {
      const key = `${end}/${feature}`;
      const known = counts.get(key) ?? { end, feature, kits: 0 };
      counts.set(key, { ...known, kits: known.kits + 1 });
    }
  }
  return [...counts.values()].reduce<{ end: End; feature: string; kits: number } | null>(
    (most, next) => (most && most.kits >= next.kits ? most : next),
    null,
  );
}
