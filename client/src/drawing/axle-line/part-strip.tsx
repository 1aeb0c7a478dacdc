import { Pressable, ScrollView, View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { Txt } from '../../ui/txt';
import { words } from '../../ui/words';
import { axleLayout, type AxleLineData, type AxlePart } from '@cricket/core/axle-scene';
import { chipName, spokenName } from './part-names';

export interface PartStripProps {
  data: AxleLineData;
  selected: string | null;
  onPick?: (part: AxlePart) => void;
  leftName: string;
  rightName: string;
}

/** The parts in threading order, left end to right end: what the drawing shows, large enough for a thumb. */
export function PartStrip({ data, selected, onPick, leftName, rightName }: PartStripProps) {
  const { parts } = axleLayout(data);
  const middle = parts.findIndex(({ side }) => side === 'right');
  const chip = (part: AxlePart) => {
    if (part.kind === 'plate') {
      return (
        <View
          key={part.key}
          role="img"
          aria-label={spokenName(part)}
          className="min-h-[56px] w-2.5 border-x-2 border-ink bg-metal"
        />
      );
    }
    const lime = part.kind === 'tabbed' || part.key === selected;
    return (
      <Pressable
        key={part.key}
        role={onPick && part.insideIndex !== null ? 'button' : 'img'}
        aria-pressed={onPick && part.insideIndex !== null ? part.key === selected : undefined}
        aria-label={`${words.sides[part.side]} ${spokenName(part)} ${figure(part.thicknessMm)} mm`}
        disabled={!onPick || part.insideIndex === null}
        onPress={() => onPick?.(part)}
        testID={`part-${part.key}`}
        className={`min-h-[56px] min-w-[28px] max-w-[64px] flex-1 items-center justify-center ${lime ? 'bg-lime' : 'bg-sheet'} ${part.key === selected ? 'border-[3px] border-ink' : 'border border-ink'}`}
      >
        <Txt size="label" figure tone={lime ? 'on-lime' : 'soft'}>
          {chipName(part)}
        </Txt>
        <Txt figure bold tone={lime ? 'on-lime' : 'ink'}>
          {figure(part.thicknessMm)}
        </Txt>
      </Pressable>
    );
  };
  return (
    <View>
      <View className="flex-row justify-between px-3 pb-1">
        <Txt size="label" figure tone="soft">{`◂ ${leftName}`}</Txt>
        <Txt size="label" figure tone="soft">{`${rightName} ▸`}</Txt>
      </View>
      <ScrollView
        horizontal
        className="grow-0"
        contentContainerClassName="min-w-full justify-center gap-0.5 px-1 pb-1"
        tabIndex={0}
        aria-label={`${leftName} – ${rightName}`}
        role="group"
      >
        {parts.slice(0, middle).map(chip)}
        <View className="min-h-[56px] min-w-[48px] items-center justify-center border-[3px] border-ink bg-sheet px-2">
          <Txt bold>{words.hub}</Txt>
        </View>
        {parts.slice(middle).map(chip)}
      </ScrollView>
    </View>
  );
}
