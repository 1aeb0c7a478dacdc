import type { StepCheck, StepState } from '@cricket/core/procedure';
import { View } from 'react-native';

import { Txt } from '../../ui/txt';
import type { CheckValues } from './check-values';
import { words } from './words';
import { say } from '../../ui/say';

export interface MeanwhileProps {
  current: StepState;
  /** What was entered at this phone, and not sent. */
  mine: CheckValues;
}

/** Says that somebody else has ended the step that was open here, and keeps in view what was entered here. */
export function Meanwhile({ current, mine }: MeanwhileProps) {
  const entered = current.step.checks.flatMap((check) => {
    const figure = mine.figures[check.id];
    return figure === undefined ? [] : [`${say(check.what)} ${figure}${unitOf(check)}`];
  });
  return (
    <View className="mx-4 my-2 gap-1 border-l-8 border-work bg-sheet px-3 py-2" role="status" testID="meanwhile">
      <Txt bold>{words.meanwhile.ended(current.person)}</Txt>
      {entered.length > 0 ? <Txt>{words.meanwhile.mine(entered)}</Txt> : null}
    </View>
  );
}

function unitOf(check: StepCheck): string {
  if (check.kind === 'torque') return ' N·m';
  return check.kind === 'measure' ? ` ${check.unit}` : '';
}
