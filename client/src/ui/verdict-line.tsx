import type { Verdict } from '@cricket/core/verdict';
import { View } from 'react-native';

import { Mark, verdictWords } from './mark';
import { Txt } from './txt';

/** A verdict as a headline: mark, word and tone. */
export function VerdictLine({
  verdict,
  says,
  heading,
  className = '',
  testID,
}: {
  verdict: Verdict;
  /** Where it is called otherwise than usually. */
  says?: string;
  heading?: 1 | 2 | 3;
  className?: string;
  testID?: string;
}) {
  return (
    <View className={`flex-row items-center gap-2 ${className}`} testID={testID}>
      <Mark verdict={verdict} size={30} />
      <Txt size="title" bold heading={heading} tone={verdict}>
        {says ?? verdictWords[verdict]}
      </Txt>
    </View>
  );
}
