import { said } from '../said';
import { judgeStack, type Arrangement, type Stack } from '../axle-stack';
import { findingsWith, type FitFinding, type FitInput, type FitReport } from '../fit';
import { finding, worstFirst, worstOf, type Verdict } from '../verdict';

/** A stack as it is on the axle, judged like a planned one. */
export interface FittedStack {
  stack: Stack;
  findings: FitFinding[];
  verdict: Verdict;
}

/**
 * Works the fit out anew with the washers that are on the axle.
 *
 * @param asked - what the fit was asked
 * @param report - what it answered
 * @param arrangement - washers from the hub outwards and shims; with what each side measures, where it was measured
 * @returns null before the end is measured, or for a washer that suits neither axle nor slot, or is not in the stores
 */
export function fittedStack(asked: FitInput, report: FitReport, arrangement: Arrangement): FittedStack | null {
  const input = report.stackInput;
  if (!input) return null;
  const thickness = new Map(input.washers.map(({ id, thicknessMm }) => [id, thicknessMm]));
  if ([...arrangement.left, ...arrangement.right].some((id) => !thickness.has(id))) return null;
  const stack = judgeStack(input, arrangement, (id) => thickness.get(id)!);
  const findings = worstFirst([
    ...measuredOtherwise(arrangement, (id) => thickness.get(id)!),
    ...findingsWith(asked, report, stack),
  ]) as FitFinding[];
  return { stack, findings, verdict: worstOf(findings.map(({ verdict }) => verdict)) };
}

/** Washers that measure so much else together than they are listed are other washers than thought [J]. */
const otherWashersMm = 0.3;

function measuredOtherwise(arrangement: Arrangement, thicknessMm: (id: string) => number): FitFinding[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const measured = arrangement.measuredMm?.[side];
    const listed = arrangement[side].reduce((sum, id) => sum + thicknessMm(id), 0);
    if (measured === undefined || Math.abs(measured - listed) <= otherWashersMm + 1e-9) return [];
    return [
      {
        ...finding(
          `stack-measured-${side}`,
          'unknown',
          said('as-fitted.on-washers-measure-together-as-listed', { side, measured, listed }),
          { measured, limit: listed, margin: otherWashersMm - Math.abs(measured - listed) },
          [said('as-fitted.choose-washers-that-are-really-there')],
        ),
        area: 'axle' as const,
      },
    ];
  });
}
