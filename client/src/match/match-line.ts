import type { End } from '@cricket/core/features';
import type { FitFinding } from '@cricket/core/fit';
import type { MatchRow, RefusedKit } from '@cricket/core/match';
import type { Verdict } from '@cricket/core/verdict';

/** One kit at one end, as far as the page shows it. */
export interface MatchLine {
  wheelId: string;
  code: string;
  end: End;
  verdict: Verdict;
  /** What decides, worst first. */
  findings: FitFinding[];
  cost: number;
  leadDays: number;
  minutes: number;
  worth: number;
  peakTorqueNm: number | null;
  safety: number | null;
  firstTimeRight: number | null;
  toGet: number;
}

/** A row of the match, trimmed for the page. */
export function matchLine({ wheel, end, report, worth }: MatchRow): MatchLine {
  return {
    wheelId: wheel.id,
    code: wheel.code,
    end,
    verdict: report.verdict,
    findings: report.findings.filter(({ verdict }) => verdict !== 'goes').slice(0, 6),
    cost: report.cost,
    leadDays: report.leadDays,
    minutes: report.minutes,
    worth,
    peakTorqueNm: report.motor?.peakTorqueNm ?? null,
    safety: report.torque?.safety ?? null,
    firstTimeRight: report.stack?.stacks[0]?.firstTimeRight ?? null,
    toGet: report.shopping.length,
  };
}

/** What a match answers: kits judged, best first, and kits whose figures nobody can work with. */
export interface MatchAnswer {
  lines: MatchLine[];
  refused: RefusedKit[];
}
