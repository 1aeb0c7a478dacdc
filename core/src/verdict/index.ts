/** What Cricket says of a fit: the four verdicts, findings and how they are built, sorted and summed up. */
export { beyond, dust, finding, graded, measureAgain, notMeasured, notRecorded, told, type Figures } from './finding';
export { withFindings } from './with-findings';
export { severity, worstFirst, worstOf, type Finding, type Verdict } from './verdict';
