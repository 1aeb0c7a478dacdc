import type { Feature } from '@cricket/core/features';
import { memo, useMemo } from 'react';
import { Pressable } from 'react-native';

import { useEndStates } from '../../job/bike/use-end-states';
import { useWorkshop } from '../../data/use-workshop';
import { Txt } from '../../ui/txt';
import { featureWords } from '../../job/reading/feature-words';
import type { Measuring } from './use-measuring';
import { words } from './words';
import { say, within } from '../../ui/say';

export interface TellingNextProps {
  measuring: Measuring;
  next: Feature | null;
}

/**
 * The reading that would tell most for its time, where that is another one than the order of the work brings next. It is
 * worked out beside the measuring: a reading never waits for it.
 */
export const TellingNext = memo(function TellingNext({ measuring, next }: TellingNextProps) {
  const { record, end, feature, goTo } = measuring;
  const { workshop, ready } = useWorkshop();
  const ends = useMemo(() => [end], [end]);
  const { states } = useEndStates(ready ? record : null, ends, workshop);
  const telling = states?.[end]?.fit?.measureNext[0];
  if (!telling || telling.feature.id === next?.id || telling.feature.id === feature?.id) return null;
  return (
    <Pressable
      role="link"
      onPress={() => goTo(telling.feature)}
      className="min-h-[48px] justify-center px-4"
      testID="telling-next"
    >
      <Txt className="underline">{words.tellsMost(within(featureWords(telling.feature.id).title))}</Txt>
      <Txt size="label" tone="soft">
        {say(telling.because)}
      </Txt>
    </Pressable>
  );
});
