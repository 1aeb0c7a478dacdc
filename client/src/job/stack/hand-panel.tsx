import type { Arrangement, AxleStackInput } from '@cricket/core/axle-stack';
import type { Side } from '@cricket/core/features';
import { Pressable, View } from 'react-native';

import { figure, mm } from '../../ui/figure-text';
import type { AxlePart } from '@cricket/core/axle-scene';
import { spokenName } from '../../drawing/axle-line/part-names';
import { Button } from '../../ui/button';
import { Opened } from '../../ui/opened';
import { Txt } from '../../ui/txt';
import { moved, spare, swapped, without, withWasher } from './arrangement';
import { words } from './words';

export interface HandPanelProps {
  part: AxlePart;
  arrangement: Arrangement;
  input: AxleStackInput;
  onChange: (arrangement: Arrangement) => void;
  onDone: () => void;
}

/** What can be done with the washer in hand: across the hub, another in its place, out, one more. */
export function HandPanel({ part, arrangement, input, onChange, onDone }: HandPanelProps) {
  const { side, insideIndex } = part;
  if (insideIndex === null) return null;
  const other: Side = side === 'left' ? 'right' : 'left';
  const there = input.washers.filter((washer) => spare(arrangement, washer) > 0);
  const alike = there.filter(({ kind, id }) => kind === part.kind && id !== part.id);
  const act = (next: Arrangement) => {
    onChange(next);
    onDone();
  };
  return (
    <Opened onClose={onDone} className="screen-only gap-3 border-y-2 border-ink bg-sheet px-4 py-3" testID="hand-panel">
      <View className="flex-row items-center justify-between">
        <Txt size="lead" bold>
          {words.inHand(spokenName(part), mm(part.thicknessMm), side)}
        </Txt>
        <Button label={words.done} look="quiet" onPress={onDone} />
      </View>
      <View className="flex-row gap-2">
        <Button
          label={words.move(other)}
          onPress={() => act(moved(arrangement, side, insideIndex, input.washers))}
          className="flex-1"
        />
        <Button label={words.takeOut} onPress={() => act(without(arrangement, side, insideIndex))} className="flex-1" />
      </View>
      <Sizes
        title={words.swapFor}
        washers={alike}
        onPick={(id) => act(swapped(arrangement, side, insideIndex, id, input.washers))}
      />
      <WasherSizes side={side} arrangement={arrangement} input={input} onChange={act} />
    </Opened>
  );
}

/** The washers on hand, to put one more on a side. */
export function WasherSizes({
  side,
  arrangement,
  input,
  onChange,
}: Pick<HandPanelProps, 'arrangement' | 'input' | 'onChange'> & { side: Side }) {
  return (
    <Sizes
      title={words.add(side)}
      washers={input.washers.filter((washer) => spare(arrangement, washer) > 0)}
      onPick={(id) => onChange(withWasher(arrangement, side, id, input.washers))}
    />
  );
}

function Sizes({
  title,
  washers,
  onPick,
}: {
  title: string;
  washers: AxleStackInput['washers'];
  onPick: (id: string) => void;
}) {
  if (washers.length === 0) return null;
  return (
    <View className="gap-1">
      <Txt size="label" figure tone="soft">
        {title}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        {washers.map(({ id, kind, thicknessMm }) => (
          <Pressable
            key={id}
            role="button"
            aria-label={`${title} ${kind} ${figure(thicknessMm)}`}
            onPress={() => onPick(id)}
            className="min-h-[52px] min-w-[52px] items-center justify-center border-2 border-ink bg-paper px-2 active:bg-lime"
          >
            <Txt figure bold>
              {kind === 'tabbed' ? `tab ${figure(thicknessMm)}` : figure(thicknessMm)}
            </Txt>
          </Pressable>
        ))}
      </View>
    </View>
  );
}
