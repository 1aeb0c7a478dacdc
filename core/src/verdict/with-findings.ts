import { worstFirst, worstOf, type Finding, type Verdict } from './verdict';

/** An answer that also knows of something else: as bad as the worst of both. */
export function withFindings<T extends { verdict: Verdict; findings: Finding[] }>(
  answer: T,
  further: readonly Finding[],
): T {
  if (further.length === 0) return answer;
  return {
    ...answer,
    verdict: worstOf([answer.verdict, ...further.map(({ verdict }) => verdict)]),
    findings: worstFirst([...answer.findings, ...further]),
  };
}
