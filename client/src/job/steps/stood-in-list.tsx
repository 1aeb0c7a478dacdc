import type { StepState } from '@cricket/core/procedure';
import { View } from 'react-native';

import { Txt } from '../../ui/txt';
import { words } from './words';
import { say } from '../../ui/say';

/** Steps that safety hangs on and that nobody did: shown wherever the bike is judged, printed or given to its rider. */
export function StoodInList({ steps }: { steps: readonly StepState[] }) {
  const stood = steps.filter(({ how }) => how === 'stood-in');
  if (stood.length === 0) return null;
  return (
    <View className="mx-4 my-2 gap-1 border-l-8 border-stop bg-sheet px-3 py-2" testID="stood-in">
      <Txt bold>{words.list}</Txt>
      {stood.map(({ step, person, because }) => (
        <Txt key={step.id} verbatim>
          {words.line(say(step.title), person ?? '', because ?? '')}
        </Txt>
      ))}
    </View>
  );
}
