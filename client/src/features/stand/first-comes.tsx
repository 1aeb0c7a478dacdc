import type { StepState } from '@cricket/core/procedure';
import { View } from 'react-native';

import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { words } from './words';
import { secondLookPath, standPath } from '../../ui/pages';
import { say } from '../../ui/say';

/** What a step waits for: other steps one by one, and a second person's looks in one place. */
export function FirstComes({ bikeId, others }: { bikeId: string; others: readonly StepState[] }) {
  const unseen = others.filter(({ awaitsSecond }) => awaitsSecond);
  return (
    <View className="px-4 py-2" testID="first-comes">
      <Txt bold>{words.waitsFor}</Txt>
      {others
        .filter(({ awaitsSecond }) => !awaitsSecond)
        .map(({ step }) => (
          <ToPage key={step.id} to={standPath(bikeId, step.id)} instead className="min-h-[48px] justify-center">
            <Txt className="underline">{say(step.title)}</Txt>
          </ToPage>
        ))}
      {unseen.length > 0 ? (
        <ToPage to={secondLookPath(bikeId)} className="min-h-[48px] justify-center" testID="first-second-look">
          <Txt className="underline">{words.secondLook.waiting(unseen.length)}</Txt>
        </ToPage>
      ) : null}
    </View>
  );
}
