import type { Verdict } from '@cricket/core/verdict';
import Svg, { Path } from 'react-native-svg';

import { useTones } from './tones';
import { phrase } from './say';

/** Drawn on a 24 grid: a tick, a file, a trestle barrier, a ruler. */
const paths: Record<Verdict, string> = {
  goes: 'M3 13l6 6L21 5',
  work: 'M3 17l4 4L20 10l-5-6zM7 14l3 4M10 11l3 4M13 9l3 4M20 10l2-3',
  stop: 'M2 6h20v6H2zM5 12v9M19 12v9M2 21h6M16 21h6M6 12l5-6M12 12l5-6',
  unknown: 'M2 8h20v9H2zM6 8v4M10 8v3M14 8v4M18 8v3',
};

/** The mark of a verdict: its own shape besides its colour. The word always stands beside it. */
export function Mark({ verdict, size = 24 }: { verdict: Verdict; size?: number }) {
  const tones = useTones();
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path
        d={paths[verdict]}
        fill="none"
        stroke={tones[verdict]}
        strokeWidth={verdict === 'goes' ? 3 : 1.9}
        strokeLinejoin="round"
      />
    </Svg>
  );
}

export const verdictWords: Record<Verdict, string> = {
  goes: phrase('ui.mark.verdictWords.goes'),
  work: phrase('ui.mark.verdictWords.work'),
  stop: phrase('ui.mark.verdictWords.stop'),
  unknown: phrase('ui.mark.verdictWords.unknown'),
};
