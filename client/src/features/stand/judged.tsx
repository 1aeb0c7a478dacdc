import type { Said } from '@cricket/core/said';
import type { Verdict } from '@cricket/core/verdict';

import { Txt } from '../../ui/txt';
import { VerdictLine } from '../../ui/verdict-line';
import { say } from '../../ui/say';
import { words } from './words';

export interface JudgedProps {
  verdict: Verdict;
  because: Said | string;
  remedies: readonly (Said | string)[];
  /** A figure of this step does not hold. */
  against: boolean;
}

/** What something found at a step means; nothing says that it goes beside a step that cannot be done. */
export function Judged({ verdict, because, remedies, against }: JudgedProps) {
  const heldBack = verdict === 'goes' && against;
  const rest = verdict === 'goes' ? (heldBack ? [words.notAsAsked] : []) : remedies;
  return (
    <>
      {heldBack ? null : <VerdictLine verdict={verdict} />}
      <Txt>{[because, ...rest].map(say).join(' ')}</Txt>
    </>
  );
}
