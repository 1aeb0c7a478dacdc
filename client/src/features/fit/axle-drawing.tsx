import type { End } from '@cricket/core/features';
import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { AxleLine } from '../../drawing/axle-line/axle-line';
import { axleLayout, type AxleLineData, type AxlePart, type AxleView } from '@cricket/core/axle-scene';
import { PartStrip } from '../../drawing/axle-line/part-strip';
import { lightTones, useTones } from '../../ui/tones';
import { Txt } from '../../ui/txt';
import { usePrinting } from '../../ui/use-printing';
import { useWide } from '../../ui/use-wide';
import { words } from './words';

export interface AxleDrawingProps {
  data: AxleLineData;
  end: End;
  selected?: string | null;
  onPick?: (part: AxlePart) => void;
  onSwipe?: (by: 1 | -1) => void;
}

const views: AxleView[] = ['left', 'whole', 'right'];

/** The axle line with its switch to each end, and the part strip under it. */
export function AxleDrawing({ data, end, selected = null, onPick, onSwipe }: AxleDrawingProps) {
  const [width, setWidth] = useState(0);
  const [view, setView] = useState<AxleView>('whole');
  const [from, setFrom] = useState<number | null>(null);
  const wide = useWide();
  const themed = useTones();
  // On paper: light, whole, without switches.
  const onPaper = usePrinting();
  const height = Math.round(Math.min(wide ? 330 : 276, Math.max(220, width * 0.72)));
  const pick = onPick && ((part: AxlePart) => part.insideIndex !== null && onPick(part));
  return (
    <View>
      <View
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        className={onPaper ? 'bg-white' : ''}
        onTouchStart={({ nativeEvent }) => setFrom(nativeEvent.pageX)}
        onTouchEnd={({ nativeEvent }) => {
          const by = from === null ? 0 : nativeEvent.pageX - from;
          if (Math.abs(by) > 60) onSwipe?.(by < 0 ? 1 : -1);
          setFrom(null);
        }}
      >
        {width > 0 ? (
          <AxleLine
            data={data}
            width={width}
            height={height}
            view={onPaper ? 'whole' : view}
            tones={onPaper ? { ...lightTones, paper: '#FFFFFF' } : themed}
            selected={selected}
            onPick={pick && ((key) => pick(axleLayout(data).parts.find((part) => part.key === key)!))}
            label={words.drawing(end, data.wheel.code)}
          />
        ) : null}
      </View>
      {onPaper ? null : (
        <View role="radiogroup" className="screen-only flex-row flex-wrap justify-center gap-1 py-1">
          {views.map((name) => (
            <Pressable
              key={name}
              role="radio"
              aria-checked={view === name}
              onPress={() => setView(name)}
              className={`min-h-[48px] min-w-[96px] items-center justify-center border-b-4 px-2 ${view === name ? 'border-ink' : 'border-transparent'}`}
            >
              <Txt figure bold={view === name}>
                {words.views[name]}
              </Txt>
            </Pressable>
          ))}
        </View>
      )}
      <PartStrip
        data={data}
        selected={selected}
        onPick={pick}
        leftName={words.ridersLeft}
        rightName={words.ridersRight}
      />
    </View>
  );
}
