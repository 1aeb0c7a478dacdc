import type { Finding } from '@cricket/core/verdict';

import { FindingRow } from './finding-row';

/** Findings one below the other; what does not go is unfolded. Several may be of one rule. */
export function FindingRows({ findings }: { findings: readonly Finding[] }) {
  return findings.map((finding, index) => (
    <FindingRow key={`${finding.id} ${index}`} finding={finding} openAtFirst={finding.verdict !== 'goes'} />
  ));
}
