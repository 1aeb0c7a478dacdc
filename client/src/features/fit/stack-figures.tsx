import type { Stack } from '@cricket/core/axle-stack';
import { Pressable, View } from 'react-native';

import { figure, inHundred, signed } from '../../ui/figure-text';
import { Txt } from '../../ui/txt';
import { words } from './words';

/** The figures of each computed stack side by side; the one in view is marked. */
export function StackList({
  stacks,
  index,
  onShow,
}: {
  stacks: readonly Stack[];
  index: number;
  onShow: (index: number) => void;
}) {
  return (
    <View role="radiogroup" aria-label={words.others(stacks.length - 1)} className="border-b border-rule">
      {stacks.map((stack, at) => (
        <Pressable
          key={at}
          role="radio"
          aria-checked={at === index}
          onPress={() => onShow(at)}
          className={`min-h-[52px] flex-row flex-wrap items-center gap-x-4 border-t border-rule px-4 py-1 ${at === index ? 'bg-sheet' : ''}`}
        >
          <View className={`h-4 w-4 border-2 border-ink ${at === index ? 'bg-lime' : ''}`} aria-hidden />
          <View className="min-w-0 flex-1">
            <Txt size="label" figure tone="soft">
              {`${washersLine([...stack.left.inside].reverse())} | hub | ${washersLine(stack.right.inside)}`}
            </Txt>
            <StackFigures stack={stack} />
          </View>
        </Pressable>
      ))}
    </View>
  );
}

/** Washer ids in one line, such as "1.5 tab 3". */
function washersLine(ids: readonly string[]): string {
  return ids.map((id) => id.replace('plain-', '').replace('tabbed-', 'tab ')).join(' · ') || '–';
}

/** A stack in one line. */
export function StackFigures({ stack }: { stack: Stack }) {
  const parts = [
    `${words.rim} ${signed(stack.rimOffsetMm)}`,
    `${stack.spreadMm < 0 ? words.pinch : words.spread} ${figure(Math.abs(stack.spreadMm))}`,
    ...(stack.rotorErrorMm !== 0 || stack.rotorShimMm || stack.caliperShimMm
      ? [`${words.rotor} ${signed(stack.rotorErrorMm)}`]
      : []),
    ...(stack.sprocketGapMm === undefined ? [] : [`${words.gap} ${figure(stack.sprocketGapMm)}`]),
    `${words.thread} ${figure(Math.min(stack.threadLeftMm.left, stack.threadLeftMm.right))}`,
    `${stack.washerCount} w`,
    inHundred(stack.firstTimeRight),
  ];
  return (
    <View className="min-w-0 flex-row flex-wrap gap-x-4">
      {parts.map((part) => (
        <Txt key={part} size="lead" figure bold>
          {part}
        </Txt>
      ))}
    </View>
  );
}
