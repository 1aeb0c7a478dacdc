import type { StepState } from '@cricket/core/procedure';
import { Pressable, View } from 'react-native';

import { Txt } from '../../ui/txt';
import { words } from './words';
import { say } from '../../ui/say';

/** Every step by station, with where it stands. */
export function StepList({
  steps,
  current,
  onPick,
}: {
  steps: readonly StepState[];
  current: string | null;
  onPick: (stepId: string) => void;
}) {
  return (
    <View testID="step-list">
      {steps.map(({ step, how, person, because, awaitsSecond, elsewhere }, index) => {
        const first = index === 0 || steps[index - 1]!.step.station !== step.station;
        const says =
          how === 'open'
            ? [step.because, elsewhere && words.elsewhere(elsewhere.person)]
                .flatMap((each) => (each ? [say(each)] : []))
                .join(' · ')
            : [awaitsSecond ? words.awaits : words.endedBy[how], ...(person ? [words.by(person)] : []), because]
                .filter(Boolean)
                .join(' · ');
        return (
          <View key={step.id}>
            {first ? (
              <Txt size="label" figure tone="soft" heading={2} className="px-4 pt-4">
                {words.stations[step.station]}
              </Txt>
            ) : null}
            <Pressable
              role="link"
              onPress={() => onPick(step.id)}
              className={`min-h-[56px] flex-row items-center gap-3 border-b border-rule px-4 py-2 ${step.id === current ? 'bg-sheet' : ''}`}
            >
              <View
                className={`h-4 w-4 border-2 border-ink ${how === 'done' ? 'bg-ink' : step.id === current ? 'bg-lime' : how === 'problem' ? 'border-stop' : ''}`}
                aria-hidden
              />
              <View className="min-w-0 flex-1">
                <Txt bold={how !== 'done'} tone={how === 'done' ? 'soft' : 'ink'}>
                  {say(step.end ? `${say(step.title)} · ${words.ends[step.end]}` : step.title)}
                </Txt>
                {says ? (
                  <Txt size="label" tone={how === 'problem' ? 'stop' : 'soft'}>
                    {says}
                  </Txt>
                ) : null}
              </View>
            </Pressable>
          </View>
        );
      })}
    </View>
  );
}
