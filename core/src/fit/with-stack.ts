import { stackFindings, type Stack } from '../axle-stack';
import { withOverrides } from '../overrides';
import { worstFirst } from '../verdict';
import type { FitFinding, FitInput, FitReport } from './contract';
import { gearsWith } from './judges/gears';
import { brakeFacts, rotorWith } from './judges/rotor';

/**
 * The findings of a fit with another stack than the best: another of those computed, or one changed by hand. Washers,
 * rotor, bolts, caliper and gears are judged anew; the rest does not depend on the stack.
 */
export function findingsWith(asked: FitInput, report: FitReport, stack: Stack): FitFinding[] {
  if (!report.stackInput || !report.stack) return report.findings;
  const input = { ...asked, wheel: report.wheel };
  const brake = brakeFacts(input);
  const judged: FitFinding[] = [
    ...stackFindings(report.stackInput, stack).map((item) => ({ ...item, area: 'axle' as const })),
    ...(brake ? rotorWith(input, brake, stack).findings : []).map((item) => ({ ...item, area: 'brake' as const })),
    ...(gearsWith(input, { ...report, stack: { ...report.stack, stacks: [stack] } })?.findings ?? [])
      .filter(({ id }) => id !== 'hub-lost')
      .map((item) => ({ ...item, area: 'gears' as const })),
  ];
  const replaced = new Set(
    [
      ...report.stack.findings,
      ...(report.rotor?.findings ?? []),
      ...(report.gears?.findings.filter(({ id }) => id !== 'hub-lost') ?? []),
      ...judged,
    ].map(({ id }) => id),
  );
  const kept = report.findings.filter(({ id }) => !replaced.has(id));
  return worstFirst([...kept, ...withOverrides(judged, input.overrides)]) as FitFinding[];
}
