import type { FitReport } from '@cricket/core/fit';
import type { EndJob } from '@cricket/core/procedure';
import { torqueReaction } from '@cricket/core/torque-reaction';
import { View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { Txt } from '../../ui/txt';
import type { CheckValues } from './check-values';
import { Judged } from './judged';
import { words } from './words';

export interface AsReachedProps {
  end: EndJob;
  fit: FitReport | null;
  values: CheckValues;
  /** A nut is not within what was asked for. */
  against: boolean;
}

/** What the nuts as they were tightened mean for what holds the axle; nothing while they are as planned. */
export function AsReached({ end, fit, values, against }: AsReachedProps) {
  const left = values.figures['nut-left'];
  const right = values.figures['nut-right'] ?? (end.closed ? left : undefined);
  const planned = fit?.torqueInput;
  if (!planned || left === undefined || right === undefined) return null;
  if (left === end.nutTorqueNm && right === end.nutTorqueNm) return null;
  // What no wrench reaches is a slip of the keypad, which its own check names.
  if (Math.min(left, right) < 0 || Math.max(left, right) > 150) return null;
  const { verdict, safety, findings } = torqueReaction({
    ...planned,
    sides: {
      left: { ...planned.sides.left, nutTorqueNm: left },
      right: { ...planned.sides.right, nutTorqueNm: right },
    },
  });
  const worst = findings.find((item) => item.verdict !== 'goes');
  return (
    <View className="gap-1 border-b border-rule px-4 py-3" testID="as-reached" aria-live="polite">
      <Txt bold>{words.asReached(figure(left), figure(right))}</Txt>
      <Judged
        verdict={verdict}
        because={worst?.because ?? words.held(safety.toFixed(2))}
        remedies={worst?.remedies ?? []}
        against={against}
      />
    </View>
  );
}
