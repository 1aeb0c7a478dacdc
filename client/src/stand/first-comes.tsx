import type { StepState } from '@cricket/core/procedure';
import { useRouter } from 'expo-router';
import { Pressable, View } from 'react-native';

import { secondLookPath, standPath } from '../bike/paths';
import { Txt } from '../ui/txt';
import { words } from './words';

/** What a step waits for: other steps one by one, and a second person's looks in one place. */
export function FirstComes({ bikeId, others }: { bikeId: string; others: readonly StepState[] }) {
  const router = useRouter();
  const unseen = others.filter(({ awaitsSecond }) => awaitsSecond);
  return (
    <View className="px-4 py-2" testID="first-comes">
      <Txt bold>{words.waitsFor}</Txt>
      {others
        .filter(({ awaitsSecond }) => !awaitsSecond)
        .map(({ step }) => (
          <Pressable
            key={step.id}
            role="link"
            onPress={() => router.replace(standPath(bikeId, step.id) as never)}
            className="min-h-[48px] justify-center"
          >
            <Txt className="underline">{step.title}</Txt>
          </Pressable>
        ))}
      {unseen.length > 0 ? (
        <Pressable
          role="link"
          onPress={() => router.navigate(secondLookPath(bikeId) as never)}
          className="min-h-[48px] justify-center"
          testID="first-second-look"
        >
          <Txt className="underline">{words.secondLook.waiting(unseen.length)}</Txt>
        </Pressable>
      ) : null}
    </View>
  );
}
